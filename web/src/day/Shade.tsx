const ROOM_FOR_A_WORD = 46;

/** A stretch of the clock that is shaded, with a word where there is room. */
export function Shade({
  word,
  x,
  end,
  top,
  height,
  pattern,
}: {
  word: string;
  x: number;
  end: number;
  top: number;
  height: number;
  pattern: "shade" | "busy";
}) {
  return (
    <g>
      <rect x={x} y={top} width={Math.max(0, end - x)} height={height} fill={`url(#${pattern})`} />
      {end - x > ROOM_FOR_A_WORD && (
        <text
          x={(x + end) / 2}
          y={top + 13}
          textAnchor="middle"
          fontSize="12"
          fill="var(--soft)"
          stroke="var(--panel)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {word}
        </text>
      )}
    </g>
  );
}
