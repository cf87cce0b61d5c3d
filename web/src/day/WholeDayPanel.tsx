import { useHouse } from "../api/queries";
import type { BraiseDraft, Catalogue, WayView, WholeDayView, WindowView } from "../api/types";
import { localMoment } from "../hours/localMoment";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { OwnSides } from "./OwnSides";
import { Timeline } from "./Timeline";

/** The braise and its sides in one kitchen: what to do when, who and what it takes, and a way out where it can't all be done. */
export function WholeDayPanel({
  braiseId,
  day,
  fork,
  draft,
  catalogue,
  onChange,
}: {
  braiseId: string;
  day: WholeDayView | null;
  fork: WindowView | undefined;
  draft: BraiseDraft;
  catalogue: Catalogue;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const zone = useHouse().data?.draft.timeZone;
  const paper = useHouse().data?.draft.units === "us" ? "letter" : "a4";
  const toggle = (side: string, on: boolean) =>
    onChange({ sides: on ? [...draft.sides, side] : draft.sides.filter((one) => one !== side) });
  const take = (way: WayView) => {
    if (way.code === "sauce-sooner") {
      onChange({ handling: { ...draft.handling, sauceWaits: Number(way.value) } });
    } else if (way.code === "unpin") {
      onChange({ pins: [] });
    } else if (way.code === "serve-later") {
      onChange({ serveAt: way.value });
    } else if (way.code.startsWith("without-side")) {
      const out = way.value.split(",");
      onChange({ sides: draft.sides.filter((one) => !out.includes(one)) });
    } else if (way.code === "instead-side") {
      onChange({ sides: [...draft.sides.filter((one) => one !== way.value), "warm-loaf"] });
    }
  };
  return (
    <Panel
      title="Everything around it"
      aside={<span className="text-sm text-soft">{draft.sides.length + draft.ownSides.length} side dishes</span>}
    >
      {day === null ? (
        <p>There is no plan for the braise itself yet.</p>
      ) : (
        <>
          {day.clash !== "" && (
            <div className="mb-3">
              <Notice kind="refuse" word="Not all of it" live>
                {day.clash}
                <span className="mt-2 flex flex-wrap gap-2">
                  {day.ways.map((way) =>
                    way.code === "more-hands" ? (
                      <strong key={way.code} className="self-center">
                        {way.text}: say under House how many cook.
                      </strong>
                    ) : (
                      <Button key={way.code + way.value} className="min-h-9 py-0" onClick={() => take(way)}>
                        {way.text}
                      </Button>
                    ),
                  )}
                </span>
              </Notice>
            </div>
          )}
          {day.caught.map((text) => (
            <div key={text} className="mb-3">
              <Notice kind="warn">{text}</Notice>
            </div>
          ))}
          <Timeline
            day={day}
            fork={fork}
            onPin={(job, milliseconds) =>
              onChange({
                pins: [...draft.pins.filter((pin) => pin.job !== job), { job, at: localMoment(milliseconds, zone) }],
              })
            }
          />
          <p className="text-sm">
            Drag a side dish’s job, or move it with the arrow keys, and it is kept there.{" "}
            <a
              href={`/api/braises/${braiseId}/sheet.pdf?paper=${paper}`}
              className="inline-flex min-h-11 items-center font-semibold text-rim underline underline-offset-4"
              download
            >
              Kitchen sheet to print
            </a>
            {" · "}
            <a
              href="/api/braises/calendar.ics"
              className="inline-flex min-h-11 items-center font-semibold text-rim underline underline-offset-4"
            >
              calendar to subscribe to
            </a>
          </p>
          {day.note !== "" && <p className="text-sm text-soft">{day.note}</p>}
        </>
      )}
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <fieldset className="min-w-0">
          <legend className="font-semibold text-rim">With it</legend>
          <div className="grid gap-x-4 sm:grid-cols-2">
            {catalogue.sides.map((side) => (
              <Check
                key={side.value}
                label={side.label}
                checked={draft.sides.includes(side.value)}
                onChange={(on) => toggle(side.value, on)}
              />
            ))}
          </div>
          <OwnSides sides={draft.ownSides} onChange={(ownSides) => onChange({ ownSides })} />
          <Check
            label="Vegetables of the braise cut the evening before"
            checked={draft.handling.nightBefore}
            onChange={(nightBefore) => onChange({ handling: { ...draft.handling, nightBefore } })}
          />
          {draft.handling.sauceWaits > 0 && (
            <Check
              label={`Sauce done ${draft.handling.sauceWaits} min before plating`}
              checked
              onChange={() => onChange({ handling: { ...draft.handling, sauceWaits: 0 } })}
            />
          )}
        </fieldset>
        {day !== null && (
          <ol aria-label="What to do, in order" className="min-w-0">
            {day.jobs.map((job) => (
              <li key={job.id} className="grid grid-cols-[6rem_1fr] gap-x-3 border-b border-line py-1">
                <time dateTime={job.from} className="text-right font-bold whitespace-nowrap text-rim">
                  {job.clock}
                </time>
                <span>
                  {job.text} <span className="text-soft">· {job.minutes} min</span>
                  {job.pinned && (
                    <button
                      type="button"
                      className="ml-2 min-h-9 rounded border border-rim px-1.5 text-sm font-semibold text-rim"
                      aria-label={`kept here ×: leave to the plan ${job.text}`}
                      onClick={() => onChange({ pins: draft.pins.filter((pin) => pin.job !== job.id) })}
                    >
                      kept here ×
                    </button>
                  )}
                  {!job.hands && <span className="text-soft"> by itself</span>}
                  {job.waits && <span className="block text-sm text-soft">{job.waits}</span>}
                </span>
              </li>
            ))}
          </ol>
        )}
      </div>
    </Panel>
  );
}
