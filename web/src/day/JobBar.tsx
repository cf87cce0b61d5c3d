import type { JobView } from "../api/types";
import { Handle, type Movable } from "./Handle";

export const ROW = 30;
const GAP = 6;
const ROOM_FOR_A_NUMBER = 11;
/** About the width of a letter at the size of the bar's text. */
const LETTER = 6.9;

/** One job on its row: dragged, moved by arrow keys, kept where it is by Enter. */
export function JobBar({
  job,
  number,
  x,
  width,
  top,
  onKeep,
  ...movable
}: Movable & {
  job: JobView;
  number: number;
  x: number;
  width: number;
  top: number;
  onKeep: () => void;
}) {
  const own = job.group === "braise";
  const ink = own ? "var(--on-rim)" : "var(--ink)";
  const kept = job.pinned ? ", kept there" : "";
  const who = job.person ? `, ${job.person}` : "";
  return (
    <Handle label={job.text} text={`${job.clock}, ${job.minutes} min${who}${kept}`} x={x} {...movable} onPress={onKeep}>
      <title>{`${job.clock} ${job.text}, ${job.minutes} min${job.waits ? `, ${job.waits}` : ""}${kept}`}</title>
      <rect
        x={x}
        y={top + GAP / 2}
        width={width}
        height={ROW - GAP}
        rx="4"
        fill={own ? "var(--rim)" : "var(--panel)"}
        stroke={job.pinned ? "var(--attention)" : "var(--rim)"}
        strokeWidth={job.pinned ? 3 : 1.5}
      />
      {width > LETTER * job.text.length + 8 ? (
        <text x={x + 5} y={top + 19} fontSize="12.5" fill={ink}>
          {job.text}
        </text>
      ) : (
        width > ROOM_FOR_A_NUMBER && (
          <text x={x + width / 2} y={top + 19} textAnchor="middle" fontSize="11" fill={ink}>
            {number}
          </text>
        )
      )}
      {job.pinned && <circle cx={x + width / 2} cy={top + 1.5} r="4" fill="var(--attention)" stroke="var(--panel)" />}
    </Handle>
  );
}
