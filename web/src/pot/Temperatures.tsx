import { line } from "d3-shape";
import { useCatalogue } from "../api/queries";
import type { Adaptation, MomentView } from "../api/types";
import { ribbonScale } from "../clock/clockScale";
import { useWidth } from "../kit/useWidth";

const HOUR = 3_600_000;
const HEIGHT = 150;
const BOILING = 100;

/** The liquid and the middle of the meat under the same clock, as most likely, with the 60 °C that count. */
export function Temperatures({ adaptation }: { adaptation: Adaptation }) {
  const [box, width] = useWidth<HTMLDivElement>(1232);
  const degrees = useCatalogue().data?.degrees ?? [];
  const scale = ribbonScale(adaptation.ribbon, 2, width - 2);
  const outcome = adaptation.outcomes.find((one) => one.chosen);
  if (outcome === undefined || outcome.switchOn === "") {
    return <p className="text-sm text-soft">There is no plan of which to show the temperatures.</p>;
  }
  const on = Date.parse(outcome.switchOn);
  const end =
    adaptation.ribbon.sauce === "" ? Date.parse(adaptation.ribbon.serve) : Date.parse(adaptation.ribbon.sauce);
  const y = (celsius: number) => 8 + (HEIGHT - 16) * (1 - celsius / BOILING);
  const points = outcome.curve.filter((one) => on + one.hour * HOUR <= end);
  const path = (of: (one: MomentView) => number) =>
    line<MomentView>(
      (one) => scale.x(on + one.hour * HOUR),
      (one) => y(of(one)),
    )(points) ?? "";
  const last = points.at(-1);
  return (
    <div ref={box}>
      <p className="text-sm">{outcome.safety}</p>
      <svg
        width={width}
        height={HEIGHT}
        className="block max-w-full"
        role="img"
        aria-label={`Most likely: ${outcome.safety}`}
      >
        {degrees.map(({ celsius, text, safe }) => (
          <g key={celsius}>
            <path
              d={`M${scale.x(on)} ${y(celsius)}H${scale.x(end)}`}
              stroke={safe ? "var(--heat)" : "var(--line)"}
              strokeDasharray={safe ? "4 5" : undefined}
            />
            <text
              x={scale.x(on) - 6}
              y={y(celsius) + 4}
              textAnchor="end"
              fontSize="12"
              style={{ fill: safe ? "var(--heat)" : "var(--soft)" }}
            >
              {text}
            </text>
          </g>
        ))}
        <path d={path((one) => one.pot)} fill="none" stroke="var(--liquid-line)" strokeWidth="2.5" />
        <path d={path((one) => one.core)} fill="none" stroke="var(--meat)" strokeWidth="2.5" strokeDasharray="7 3" />
        {last && (
          <g fontSize="12.5">
            <text x={scale.x(on + 1.2 * HOUR)} y={y(points[5]?.pot ?? 60) - 8}>
              the liquid
            </text>
            <text x={scale.x(on + 2.4 * HOUR)} y={y(points[8]?.core ?? 50) + 18}>
              the middle of the meat, dashed
            </text>
          </g>
        )}
      </svg>
    </div>
  );
}
