import type { ReactNode } from "react";
import { useHouse } from "../api/queries";
import type { BraiseDraft, Catalogue, JobView, WholeDayView, WindowView } from "../api/types";
import { localMoment } from "../hours/localMoment";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { JobList } from "./JobList";
import { OwnSides } from "./OwnSides";
import { Timeline } from "./Timeline";
import { whatIfs } from "./whatIfs";

const EVENING = [
  { field: "nightBefore", label: "Vegetables of the braise cut the evening before" },
  { field: "mixBefore", label: "Spices measured and mixed the evening before" },
  { field: "saltBefore", label: "Meat salted the evening before" },
] as const;
const LINK = "inline-flex min-h-11 items-center font-semibold text-rim underline underline-offset-4";

/** The braise and its sides in one kitchen: what to do when, who and what it takes, and a way out where it can't all be done. */
export function WholeDayPanel({
  braiseId,
  day,
  fork,
  draft,
  catalogue,
  ways,
  problems,
  onChange,
}: {
  braiseId: string;
  day: WholeDayView | null;
  fork: WindowView | undefined;
  draft: BraiseDraft;
  catalogue: Catalogue;
  ways: ReactNode;
  problems: string[];
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const house = useHouse().data?.draft;
  const zone = house?.timeZone;
  const paper = house?.units === "us" ? "letter" : "a4";
  const toggle = (side: string, on: boolean) =>
    onChange({ sides: on ? [...draft.sides, side] : draft.sides.filter((one) => one !== side) });
  const release = (job: JobView) => onChange({ pins: draft.pins.filter((pin) => pin.job !== job.id) });
  const start = (milliseconds: number) =>
    onChange({ handling: { ...draft.handling, start: localMoment(milliseconds, zone) } });
  const serve = (milliseconds: number) => onChange({ serveAt: localMoment(milliseconds, zone) });
  const pin = (job: JobView, milliseconds: number) => {
    const length = Date.parse(job.to) - Date.parse(job.from);
    if (job.id === "load") {
      start(milliseconds + length);
    } else if (job.id === "plate") {
      serve(milliseconds + length);
    } else {
      const others = draft.pins.filter((one) => one.job !== job.id);
      onChange({ pins: [...others, { job: job.id, at: localMoment(milliseconds, zone) }] });
    }
  };
  const sides = draft.sides.length + draft.ownSides.length;
  const keep = (job: JobView) => (job.pinned ? release(job) : pin(job, Date.parse(job.from)));
  return (
    <Panel
      title="Everything around it"
      aside={<span className="text-sm text-soft">{sides === 1 ? "1 side dish" : `${sides} side dishes`}</span>}
    >
      {day === null ? (
        <p>There is no plan for the braise itself yet.</p>
      ) : (
        <>
          {day.clash !== "" && (
            <div className="mb-3">
              <Notice kind="refuse" word="Not all of it" live>
                {day.clash} Below is the braise alone.
                {ways}
              </Notice>
            </div>
          )}
          {[...day.caught, ...problems].map((text) => (
            <div key={text} className="mb-3">
              <Notice kind="warn">{text}</Notice>
            </div>
          ))}
          <Timeline day={day} fork={fork} onPin={pin} onKeep={keep} onServe={serve} onStart={start} />
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <span className="font-semibold text-soft">What if:</span>
            {whatIfs(day, draft, zone).map((one) => (
              <Button key={one.label} className="min-h-9 px-3 py-0" onClick={() => onChange(one.part)}>
                {one.label}
              </Button>
            ))}
          </div>
          <p className="text-sm">
            Drag a job, the pot or the meal, also by arrow keys. Press a job to keep it, its time in the list to set it.{" "}
            <a href={`/api/braises/${braiseId}/sheet.pdf?paper=${paper}`} className={LINK} download>
              Kitchen sheet to print
            </a>
            {" · "}
            <a href={`/api/braises/${braiseId}/day.md`} className={LINK} download>
              the list as Markdown
            </a>
            {" · "}
            <a href="/api/braises/calendar.ics" className={LINK}>
              calendar to subscribe to
            </a>
          </p>
          {day.lateText !== "" && <p className="font-semibold">{day.lateText}</p>}
          {day.othersText !== "" && <p className="text-sm text-soft">{day.othersText}</p>}
          {day.note !== "" && <p className="text-sm text-soft">{day.note}</p>}
        </>
      )}
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
        <div className="min-w-0">
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
          </fieldset>
          <fieldset className="mt-2 min-w-0">
            <legend className="font-semibold text-rim">Ahead</legend>
            {EVENING.map((one) => (
              <Check
                key={one.field}
                label={one.label}
                checked={draft.handling[one.field]}
                onChange={(on) => onChange({ handling: { ...draft.handling, [one.field]: on } })}
              />
            ))}
          </fieldset>
        </div>
        {day !== null && <JobList day={day} onPin={pin} onKeep={keep} onRelease={release} />}
      </div>
    </Panel>
  );
}
