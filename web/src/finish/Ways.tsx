import { RadioGroup } from "radix-ui";
import type { Choice, FinishView } from "../api/types";
import { Moved } from "../kit/Moved";
import { Sum } from "../kit/Sum";

const COLUMNS =
  "grid grid-cols-[minmax(0,1fr)_4.9rem_3.1rem_3.3rem_3.2rem] items-baseline gap-x-1 table:grid-cols-[minmax(0,1fr)_6.2rem_4.2rem_4.6rem_4.2rem]";

/** Every way with its amount, its minutes, the salt it ends with, and when you eat; the chosen one opens in place. */
export function Ways({
  finish,
  thickeners,
  chosen,
  onChoose,
  onThickener,
}: {
  finish: FinishView;
  thickeners: Choice[];
  chosen: string;
  onChoose: (way: string) => void;
  onThickener: (thickener: string) => void;
}) {
  return (
    <div className="mt-2 border-b-2 border-rim table:mt-0">
      <div aria-hidden="true" className={`${COLUMNS} border-b-2 border-rim pb-0.5 text-right text-sm text-soft`}>
        <span />
        <span />
        <span />
        <span>salt</span>
        <span>eat</span>
      </div>
      <RadioGroup.Root aria-label="How to close the sauce" value={chosen} onValueChange={onChoose}>
        {finish.ways.map((way) => (
          <div
            key={way.way}
            className={`border-b border-line last:border-0 ${way.way === chosen ? "border-l-4 border-l-rim pl-2" : ""}`}
          >
            <RadioGroup.Item
              value={way.way}
              disabled={way.why !== ""}
              aria-label={[way.label, way.amount, way.minutes, `salt ${way.salt}`, `eat ${way.eat}`, way.why].join(
                ", ",
              )}
              className={`${COLUMNS} min-h-11 w-full scroll-mb-40 py-1 text-left text-base leading-tight tabular-nums hover:bg-sunk disabled:text-soft table:text-xl`}
            >
              <strong className={way.way === chosen ? "" : "font-normal"}>{way.label}</strong>
              <strong className="text-right whitespace-nowrap">
                <Moved>{way.amount}</Moved>
              </strong>
              <span className="text-right text-base whitespace-nowrap text-soft">{way.minutes}</span>
              <span className="text-right text-base whitespace-nowrap text-soft">{way.salt}</span>
              <strong className={`text-right whitespace-nowrap ${way.later ? "text-heat" : "text-rim"}`}>
                {way.eat}
              </strong>
            </RadioGroup.Item>
            {way.why !== "" && <p className="pb-1.5 text-sm text-soft">{way.why}</p>}
            {way.way === chosen && (
              <div className="pb-2" data-testid="steps">
                <ol className="text-lg leading-snug">
                  {way.steps.map((step) => (
                    <li key={step}>{step}</li>
                  ))}
                </ol>
                {finish.salt !== "" && <p className="text-sm text-soft">{finish.salt}</p>}
                {way.picks && (
                  <label className="text-sm text-soft">
                    with{" "}
                    <select
                      className="figure min-h-11 text-base text-ink"
                      value={finish.thickener}
                      onChange={(event) => onThickener(event.target.value)}
                    >
                      {thickeners.map((one) => (
                        <option key={one.value} value={one.value}>
                          {one.label}
                        </option>
                      ))}
                    </select>
                  </label>
                )}
                {way.sum && (
                  <div className="[&_button]:min-h-11 [&_button]:items-center">
                    <Sum sum={way.sum} />
                  </div>
                )}
              </div>
            )}
          </div>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
