import { Handle, type Movable } from "./Handle";

const GRIP = 8;

/** The meal, a line over all rows. */
export function ServeLine({ x, bottom, clock, ...movable }: Movable & { x: number; bottom: number; clock: string }) {
  return (
    <g>
      <Handle label="Eat" text={clock} x={x} {...movable}>
        <rect x={x - GRIP} y={2} width={2 * GRIP} height={bottom - 2} fill="transparent" />
        <line x1={x} x2={x} y1={8} y2={bottom} stroke="var(--rim)" strokeWidth="3" />
        <path d={`M${x - 7} 2 h14 v6 l-7 6 l-7 -6z`} fill="var(--rim)" />
      </Handle>
      <text
        x={x + movable.shift + 11}
        y={14}
        fontSize="14"
        fontWeight="700"
        fill="var(--rim)"
        className="pointer-events-none"
      >
        eat
      </text>
    </g>
  );
}
