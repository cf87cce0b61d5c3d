import type { CookedLaneView } from "../api/types";

const HEIGHT = 24;

/** A cook in a line: the window that was given, and the looks between which the meat became ready, on its own hours. */
export function CookedLane({ lane, width }: { lane: CookedLaneView; width: number }) {
  const x = (hours: number) => 2 + (hours / lane.until) * (width - 4);
  return (
    <svg width={width} height={HEIGHT} aria-hidden="true" className="block">
      <path d={`M${x(0)} 12H${x(lane.until)}`} stroke="var(--line)" strokeWidth="2" />
      {lane.earliest !== null && (
        <rect
          x={x(lane.earliest)}
          y="3"
          width={Math.max(2, x(lane.latest ?? lane.until) - x(lane.earliest))}
          height="18"
          rx="4"
          fill="var(--done-wash)"
          stroke="var(--done)"
        />
      )}
      {lane.by !== null && (
        <rect
          x={x(lane.after ?? lane.by) - (lane.after === null ? 3 : 0)}
          y="8"
          width={Math.max(6, x(lane.by) - x(lane.after ?? lane.by))}
          height="8"
          rx="2"
          fill="var(--rim)"
        />
      )}
      {lane.serve !== null && (
        <path d={`M${x(lane.serve)} 2V22`} stroke="var(--edge)" strokeWidth="1.5" strokeDasharray="3 2" />
      )}
    </svg>
  );
}
