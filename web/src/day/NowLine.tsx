/** Where the clock of the house stands. */
export function NowLine({ x, top, bottom }: { x: number; top: number; bottom: number }) {
  return (
    <g className="pointer-events-none">
      <line x1={x} x2={x} y1={top - 6} y2={bottom} stroke="var(--heat)" strokeWidth="2" strokeDasharray="3 3" />
      <text x={x} y={top - 9} textAnchor="middle" fontSize="12.5" fill="var(--heat)">
        now
      </text>
    </g>
  );
}
