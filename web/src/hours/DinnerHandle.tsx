import type { clockScale } from "./clockScale";

const STEP_MS = 5 * 60_000;

/** The dinner line of a band: dragged, or moved by arrow keys five minutes at a time, with Page keys half an hour. */
export function DinnerHandle({
  scale,
  dinner,
  bottom,
  held,
  clock,
  drag,
  onMove,
}: {
  scale: ReturnType<typeof clockScale>;
  dinner: number;
  bottom: number;
  held: number | null;
  clock: string;
  drag: object;
  onMove: (milliseconds: number) => void;
}) {
  const x = held ?? scale.x(dinner);
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label="Dinner"
      aria-valuemin={0}
      aria-valuemax={scale.width}
      aria-valuenow={Math.round(x)}
      aria-valuetext={clock}
      className="cursor-ew-resize"
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageUp: 6, PageDown: -6 }[event.key];
        if (by !== undefined) {
          event.preventDefault();
          onMove(dinner + by * STEP_MS);
        }
      }}
    >
      <rect x={x - 14} y={0} width={54} height={bottom} fill="transparent" />
      <line x1={x} x2={x} y1={6} y2={bottom} stroke="var(--rim)" strokeWidth={held === null ? 3 : 5} />
      <path d={`M${x - 8} 0 h16 v7 l-8 6 l-8 -6z`} fill="var(--rim)" />
      <text x={x + 11} y={13} fontSize="14" fontWeight="700" fill="var(--rim)">
        {held === null ? "eat" : clock}
      </text>
    </g>
  );
}
