import type { ComparedView } from "../api/types";
import { useWidth } from "../kit/useWidth";
import { moment, ribbonScale } from "./clockScale";
import { Hatches, useHatches } from "./Hatches";
import { PotLane } from "./PotLane";

/** The pot of a braise that is only compared: on the clock, when it goes on, and the liquid that it leads to. */
export function ComparedLane({ compared }: { compared: ComparedView }) {
  const [box, width] = useWidth<HTMLSpanElement>(500);
  const hatches = useHatches();
  const ribbon = compared.ribbon;
  const on = ribbon && moment(ribbon.switchOn);
  if (ribbon === null || on === null || !compared.works) {
    return <span className="text-sm font-normal text-heat">{compared.verdict}</span>;
  }
  const scale = ribbonScale(ribbon, 50, width - 78);
  const sauce = Date.parse(ribbon.sauce);
  const likely = ribbon.phrases.find((phrase) => phrase.kind === "likely");
  return (
    <span ref={box} className="block min-w-0">
      <svg
        width={width}
        height={26}
        className="block max-w-full"
        role="img"
        aria-label={`${compared.verdict} ${compared.load} to load.`}
      >
        <Hatches id={hatches.id} />
        <text x={Math.max(46, scale.x(on) - 5)} y={18} textAnchor="end" fontSize="14">
          {ribbon.phrases.find((phrase) => phrase.kind === "on")?.clock}
        </text>
        <PotLane pots={ribbon.pots} on={on} until={sauce} x={scale.x} y={5} height={16} fills={hatches} />
        {likely && <path d={`M${scale.x(Date.parse(likely.at))} 2v22`} stroke="var(--rim)" strokeWidth="2" />}
        <circle
          cx={scale.x(Date.parse(ribbon.serve))}
          cy={13}
          r="7"
          fill="var(--panel)"
          stroke="var(--rim)"
          strokeWidth="2"
        />
        <text x={width - 2} y={18} textAnchor="end" fontSize="14.5">
          {compared.load}
        </text>
      </svg>
    </span>
  );
}
