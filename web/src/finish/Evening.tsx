import type { LaneView } from "../api/types";
import { clockScale } from "../clock/clockScale";
import { useClock } from "../clock/useClock";
import { useWidth } from "../kit/useWidth";

const NAMES = 92;
const ROW = 24;
const HEAD = 20;
const PLATE = 13;

/** The sauce and what is beside it on the evening's clock, to the plate. */
export function Evening({ lanes, from, now, serve }: { lanes: LaneView[]; from: string; now: string; serve: string }) {
  const [box, width] = useWidth<HTMLDivElement>(358);
  const clock = useClock();
  const ends = lanes.flatMap((lane) => lane.jobs.map((job) => Date.parse(job.to)));
  const last = Math.max(Date.parse(serve), ...ends);
  const scale = clockScale({ from: Date.parse(from), to: last }, [], NAMES, width - 2 * PLATE - 4, 0);
  const [needle, plate] = [scale.x(Date.parse(now)), scale.x(Date.parse(serve))];
  const bottom = HEAD + ROW * lanes.length;
  return (
    <div ref={box} className="mt-2">
      <svg width={width} height={bottom + 6} className="block max-w-full overflow-visible">
        <title>
          {lanes
            .map(
              (lane) =>
                `${lane.name}: ${lane.jobs.map((job) => `${clock.time(Date.parse(job.from))} ${job.text}`).join(", ")}`,
            )
            .join(". ")}
        </title>
        <g>
          {scale
            .ticks(46)
            .filter((tick) => Math.abs(scale.x(tick) - needle) > 24)
            .map((tick) => (
              <text
                key={tick}
                x={scale.x(tick)}
                y={12}
                fontSize="13"
                fontWeight="600"
                textAnchor="middle"
                className="fill-soft"
              >
                {clock.hour(tick)}
              </text>
            ))}
          {lanes.map((lane, row) => (
            <g key={lane.name} transform={`translate(0 ${HEAD + ROW * row})`}>
              <text x="0" y="16" fontSize="14" fontWeight={row === 0 ? 700 : 400} className="fill-ink">
                {lane.name.length > 13 ? `${lane.name.slice(0, 12)}…` : lane.name}
              </text>
              <path
                d={`M${scale.x(Date.parse(lane.jobs[lane.jobs.length - 1]?.to ?? now))} 11H${plate}`}
                stroke="var(--edge)"
                strokeDasharray="2 3"
              />
              {lane.jobs.map((job) => {
                const [left, right] = [Math.max(NAMES, scale.x(Date.parse(job.from))), scale.x(Date.parse(job.to))];
                return (
                  <rect
                    key={job.from + job.text}
                    x={left}
                    y={3}
                    width={Math.max(2, right - left - 1)}
                    height={15}
                    fill={job.hands ? "var(--rim)" : "var(--panel)"}
                    stroke="var(--rim)"
                    strokeWidth="1.4"
                    opacity={job.done ? 0.45 : 1}
                  />
                );
              })}
            </g>
          ))}
          <path d={`M${needle} ${HEAD - 4}V${bottom}`} stroke="var(--heat)" strokeWidth="2.4" />
          <path d={`M${needle - 6} ${HEAD - 14}h12l-6 9z`} fill="var(--heat)" />
          <path d={`M${plate} ${HEAD - 4}V${bottom}`} stroke="var(--rim)" strokeWidth="2.4" />
          <circle
            cx={plate}
            cy={HEAD + (bottom - HEAD) / 2}
            r={PLATE}
            fill="var(--panel)"
            stroke="var(--rim)"
            strokeWidth="3.4"
          />
          <circle
            cx={plate}
            cy={HEAD + (bottom - HEAD) / 2}
            r={PLATE - 6}
            fill="none"
            stroke="var(--rim)"
            strokeWidth="1.4"
          />
        </g>
      </svg>
    </div>
  );
}
