import { Handle, type Movable } from "./Handle";
import { ROW } from "./JobBar";

const GAP = 6;

/** The pot from switching on to the sauce, and within it the hours in which the meat turns tender. */
export function CookerRow({
  top,
  on,
  sauce,
  tender,
  clock,
  shift,
  ...movable
}: Movable & {
  top: number;
  on: number;
  sauce: number;
  tender: [number, number] | null;
  clock: string;
}) {
  return (
    <g>
      <text x={0} y={top + 20} fontSize="14" fill="var(--soft)">
        cooker
      </text>
      <Handle label="Pot on" text={clock} x={on} shift={0} {...movable}>
        <rect
          x={on + shift}
          y={top + GAP / 2}
          width={Math.max(0, sauce - on - shift)}
          height={ROW - GAP}
          rx="4"
          fill="var(--heat-wash)"
          stroke="var(--heat)"
        />
      </Handle>
      {tender !== null && (
        <rect
          x={tender[0]}
          y={top + GAP}
          width={Math.max(0, tender[1] - tender[0])}
          height={ROW - 2 * GAP}
          rx="3"
          fill="url(#tender)"
          stroke="var(--done)"
          className="pointer-events-none"
        />
      )}
    </g>
  );
}
