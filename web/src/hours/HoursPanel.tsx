import { useHouse } from "../api/queries";
import type { Adaptation, BraiseDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { Band } from "./Band";
import { clockScale } from "./clockScale";
import { Looks } from "./Looks";
import { dinnerOf, localMoment } from "./localMoment";

/** A band for each way of running the cooker, on one clock. */
export function HoursPanel({
  adaptation,
  draft,
  problem,
  onChange,
}: {
  adaptation: Adaptation;
  draft: BraiseDraft;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const scale = clockScale(adaptation);
  const zone = useHouse().data?.draft.timeZone;
  const dinner = dinnerOf(scale.dinner, draft.serveAt, zone);
  const looks = draft.handling.lids
    .map((typed) => Number.parseFloat(typed.replace(",", ".")))
    .filter((hour) => hour > 0);
  const handle = (part: Partial<typeof draft.handling>) => onChange({ handling: { ...draft.handling, ...part } });
  return (
    <Panel
      title="Hours"
      aside={
        draft.setting === "auto" ? (
          <span className="text-sm text-soft">the plan chooses the setting</span>
        ) : (
          <Button weight="quiet" className="px-2 text-sm" onClick={() => onChange({ setting: "auto" })}>
            let the plan choose
          </Button>
        )
      }
    >
      <div className="grid gap-4">
        {adaptation.outcomes.map((outcome) => (
          <article key={outcome.setting} aria-label={`On ${outcome.label}`}>
            <div className="flex flex-wrap items-baseline gap-x-3">
              <h3 className="text-lg font-bold">{outcome.label}</h3>
              <p className="flex-1">
                <Moved>{outcome.day}</Moved>
              </p>
              {outcome.chosen ? (
                <span className="font-semibold text-done">
                  <span aria-hidden="true">✓ </span>chosen
                </span>
              ) : (
                <Button
                  className="min-h-9 px-3 py-0"
                  disabled={!outcome.safe}
                  onClick={() => onChange({ setting: outcome.setting })}
                >
                  Take {outcome.label}
                </Button>
              )}
            </div>
            <Band
              outcome={outcome}
              scale={scale}
              looks={looks}
              dinner={dinner}
              onDinner={(milliseconds) => onChange({ serveAt: localMoment(milliseconds, zone) })}
            />
            <table className="w-full border-collapse text-left">
              <caption className="sr-only">
                When each doneness is reached on {outcome.label}, after switching on
              </caption>
              <tbody>
                {outcome.windows.map((window) => (
                  <tr key={window.level} className="border-b border-line last:border-0">
                    <th scope="row" className="py-0.5 font-normal text-soft">
                      {window.label}
                    </th>
                    <td className="py-0.5 text-right font-semibold">
                      <Moved>{window.text}</Moved>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className={`mt-1 text-sm ${outcome.safe ? "text-done" : "font-semibold text-heat"}`}>
              <span aria-hidden="true">{outcome.safe ? "✓" : "■"} </span>
              {outcome.safety}
            </p>
          </article>
        ))}
      </div>
      <Looks
        draft={draft}
        text={adaptation.lookText}
        planned={adaptation.outcomes.find((outcome) => outcome.chosen)?.switchOn ?? ""}
        turned={adaptation.outcomes.some((outcome) => outcome.chosen && outcome.setting === "high-then-low")}
        problem={problem}
        onChange={handle}
      />
    </Panel>
  );
}
