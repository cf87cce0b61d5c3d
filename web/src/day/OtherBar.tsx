import { ROW } from "./JobBar";

const GAP = 10;

/** Work of another braise of the day: it keeps its time. */
export function OtherBar({ text, x, end, top }: { text: string; x: number; end: number; top: number }) {
  return (
    <g>
      <title>{text}</title>
      <rect
        x={x}
        y={top + GAP / 2}
        width={Math.max(4, end - x - 1)}
        height={ROW - GAP}
        fill="url(#shade)"
        stroke="var(--soft)"
        strokeDasharray="4 3"
      />
    </g>
  );
}
