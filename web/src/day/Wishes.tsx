import { Popover } from "radix-ui";
import { useBraisePlace } from "../braise/BraiseContext";
import { localMoment } from "../clock/localMoment";
import { useClock } from "../clock/useClock";
import { useTypedTime } from "../clock/useTypedTime";
import { Check } from "../kit/Check";
import { DayField } from "../kit/DayField";
import { Figure, Pick } from "../kit/Figure";
import { Stepper } from "../kit/Stepper";
import { OwnSides } from "./OwnSides";
import { onOtherDay } from "./onOtherDay";

const QUARTER = 15 * 60_000;

/** When, for how many, with what: each moves the list at once, and is answered here where it can't be had. */
export function Wishes() {
  const { draft, view, adaptation, catalogue, ways, problem, change, take } = useBraisePlace();
  const { zone } = useClock();
  const [day = "", time = ""] = draft.serveAt.split("T");
  const eatAt = useTypedTime(time, (typed) => change({ serveAt: `${day}T${typed}` }));
  const serve = adaptation ? Date.parse(adaptation.serveAt) : Number.NaN;
  const eat = (by: number) => Number.isNaN(serve) || change({ serveAt: localMoment(serve + by * QUARTER, zone) });
  const servings = Number.parseInt(draft.serves, 10) || 4;
  const toggle = (side: string, on: boolean) =>
    change({ sides: on ? [...draft.sides, side] : draft.sides.filter((one) => one !== side) });
  const chosen = catalogue.sides.filter((side) => draft.sides.includes(side.value));
  const whole = adaptation?.wholeDay;
  const chilled = draft.handling.eatenOn !== "";
  const [eatenDay = "", eatenTime = ""] = draft.handling.eatenOn.split("T");
  const eaten = (eatenOn: string) => change({ handling: { ...draft.handling, eatenOn } });
  const eatenAt = useTypedTime(eatenTime, (typed) => eaten(`${eatenDay}T${typed}`));
  const eatenProblem = problem("handling.eatenOn");
  const clash = whole?.clash ?? "";
  const pins = view.problems.filter((one) => one.path.startsWith("pins.")).map((one) => one.message);
  return (
    <section aria-labelledby="wishes" className="grid content-start gap-2" data-effect="wishes">
      <div className="flex items-baseline justify-between border-b-2 border-rim">
        <h3 id="wishes" className="text-xl font-bold text-rim">
          Wishes
        </h3>
        <span className="text-sm text-soft">each moves the list at once</span>
      </div>
      <Stepper
        label={chilled ? "Out of the pot by" : "Eat at"}
        size="text-2xl"
        {...eatAt}
        less={{ label: "Eat a quarter of an hour sooner", run: () => eat(-1) }}
        more={{ label: "Eat a quarter of an hour later", run: () => eat(1) }}
        problem={problem("serveAt")}
        note={view.adaptation ? `taken as ${view.adaptation.serveText}` : undefined}
      />
      <DayField
        label={chilled ? "Cooked on" : "Eat on"}
        value={day}
        onChange={(other) => change(onOtherDay(draft, other))}
      />
      {chilled && (
        <>
          <DayField label="Eaten on" value={eatenDay} onChange={(other) => eaten(`${other}T${eatenTime}`)} />
          <Figure label="Eaten at" size="text-lg" {...eatenAt} problem={eatenProblem} />
        </>
      )}
      {adaptation?.anotherDay && (
        <button
          type="button"
          className="link justify-self-start text-left text-sm"
          onClick={() => adaptation.anotherDay && take(adaptation.anotherDay)}
        >
          {adaptation.anotherDay.text}
        </button>
      )}
      <Stepper
        label="At table"
        value={draft.serves}
        less={{ label: "One fewer at table", run: () => change({ serves: String(Math.max(1, servings - 1)) }) }}
        more={{ label: "One more at table", run: () => change({ serves: String(servings + 1) }) }}
        problem={problem("serves")}
        onChange={(serves) => change({ serves })}
      />
      <fieldset className="min-w-0 border-t border-line pt-1">
        <legend className="float-left mr-3 text-sm">With it</legend>
        <div className="clear-both flex flex-wrap gap-x-4">
          {chosen.map((side) => (
            <Check key={side.value} label={side.label} checked onChange={(on) => toggle(side.value, on)} />
          ))}
        </div>
        <Popover.Root>
          <Popover.Trigger className="link text-sm">
            {chosen.length === 0 ? "add a side dish" : `${catalogue.sides.length - chosen.length} more side dishes`}
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="start"
              collisionPadding={12}
              className="z-40 max-h-[70vh] w-[min(34rem,calc(100vw-1.5rem))] overflow-y-auto rounded-lg border-2 border-rim bg-panel p-3 shadow-lg"
            >
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
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
        <OwnSides sides={draft.ownSides} problem={problem} onChange={(ownSides) => change({ ownSides })} />
        {clash !== "" && (
          <p role="status" className="mt-1 text-sm font-semibold text-heat">
            ■ {clash} <span className="font-normal text-ink">The list is of the braise alone.</span>
          </p>
        )}
        {clash !== "" && ways}
        {[...(whole?.caught ?? []), ...pins].map((text) => (
          <p key={text} role="status" className="mt-1 text-sm">
            <span aria-hidden="true" className="text-attention-ink">
              ▲{" "}
            </span>
            {text}
          </p>
        ))}
        {[whole?.lateText, whole?.othersText, whole?.note].map(
          (text) =>
            text && (
              <p key={text} className="mt-1 text-sm text-soft">
                {text}
              </p>
            ),
        )}
      </fieldset>
      <Pick
        label="How often it is to be ready in time"
        wide
        value={draft.sure}
        options={catalogue.sureness}
        problem={problem("sure")}
        note={catalogue.sureness.find((one) => one.value === draft.sure)?.hint}
        onChange={(sure) => change({ sure })}
      />
      <Figure
        label="Guests may be late by"
        above
        value={draft.handling.late}
        maxLength={20}
        placeholder="not at all"
        problem={problem("handling.late")}
        onChange={(late) => change({ handling: { ...draft.handling, late } })}
      />
    </section>
  );
}
