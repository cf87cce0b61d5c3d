import type { Adaptation } from "../api/types";
import { Button } from "../kit/Button";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { Band } from "./Band";
import { clockScale } from "./clockScale";

/** A band for each way of running the cooker, on one clock. */
export function HoursPanel({
  adaptation,
  asked,
  onChoose,
}: {
  adaptation: Adaptation;
  asked: string;
  onChoose: (setting: string) => void;
}) {
  const scale = clockScale(adaptation);
  return (
    <Panel
      title="Hours"
      aside={
        asked === "auto" ? (
          <span className="text-sm text-soft">the plan chooses the setting</span>
        ) : (
          <Button weight="quiet" className="px-2 text-sm" onClick={() => onChoose("auto")}>
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
                  onClick={() => onChoose(outcome.setting)}
                >
                  Take {outcome.label}
                </Button>
              )}
            </div>
            <Band outcome={outcome} scale={scale} />
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
      <p className="mt-3 text-sm text-soft">
        Each time is a window: one such pot in ten is sooner, nine in ten are done by the later end.
      </p>
    </Panel>
  );
}
