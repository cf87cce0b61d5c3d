import type { CookedPageView } from "../api/types";
import { useWidth } from "../kit/useWidth";

const LEFT = 74;
const RIGHT = 64;
const COURSE = { top: 92, height: 168 };

/** Planned over happened on one clock, and under it the pot's course as it is believed to have been. */
export function CookedClock({ page }: { page: CookedPageView }) {
  const [box, width] = useWidth<HTMLDivElement>(800);
  const { lane } = page.cook;
  const x = (hours: number) => LEFT + (hours / lane.until) * (width - LEFT - RIGHT);
  const [coldest, hottest] = [page.degrees[0]?.at ?? 0, page.degrees.at(-1)?.at ?? 100];
  const y = (celsius: number) =>
    COURSE.top + COURSE.height - ((celsius - coldest) / (hottest - coldest)) * COURSE.height;
  const hasCourse = page.course.length > 1;
  const bottom = hasCourse ? COURSE.top + COURSE.height : 66;
  const line = (of: "pot" | "core") =>
    page.course.map((row, k) => `${k === 0 ? "M" : "L"}${x(row.hour).toFixed(1)} ${y(row[of]).toFixed(1)}`).join("");
  const last = page.course.at(-1);
  return (
    <div ref={box}>
      <svg
        width={width}
        height={bottom + 24}
        role="img"
        aria-label={`${page.cook.said} ${page.courseText}`}
        className="block max-w-full text-[13px]"
      >
        <g fill="var(--soft)">
          <text x="0" y="24">
            planned
          </text>
          <text x="0" y="54">
            happened
          </text>
        </g>
        {page.ticks.map((tick) => (
          <g key={tick.at}>
            <path d={`M${x(tick.at)} 8V${bottom}`} stroke="var(--line)" />
            <text x={x(tick.at)} y={bottom + 18} textAnchor="middle" fill="var(--soft)">
              {tick.text}
            </text>
          </g>
        ))}
        {[19, 49].map((row) => (
          <path key={row} d={`M${x(0)} ${row}H${x(lane.until)}`} stroke="var(--edge)" strokeWidth="1.5" />
        ))}
        {lane.earliest !== null && (
          <rect
            x={x(lane.earliest)}
            y="10"
            width={Math.max(2, x(lane.latest ?? lane.until) - x(lane.earliest))}
            height="18"
            rx="5"
            fill="var(--done-wash)"
            stroke="var(--done)"
            strokeWidth="1.5"
          />
        )}
        {lane.likely !== null && <path d={`M${x(lane.likely)} 10V28`} stroke="var(--done)" strokeWidth="2" />}
        {lane.by !== null && (
          <rect
            x={x(lane.after ?? lane.by) - (lane.after === null ? 3 : 0)}
            y="41"
            width={Math.max(6, x(lane.by) - x(lane.after ?? lane.by))}
            height="16"
            rx="4"
            fill="var(--done)"
          />
        )}
        {page.marks.map((mark) => (
          <g key={`${mark.hour} ${mark.text}`}>
            <title>{mark.text}</title>
            {mark.kind === "other" ? (
              <path d={`M${x(mark.hour)} 42l5 7-5 7-5-7z`} fill="var(--panel)" stroke="var(--rim)" strokeWidth="1.5" />
            ) : (
              <circle
                cx={x(mark.hour)}
                cy="49"
                r="5"
                fill={mark.kind === "ready" ? "var(--done)" : "var(--panel)"}
                stroke={mark.kind === "ready" ? "var(--done)" : "var(--heat)"}
                strokeWidth="2"
              />
            )}
          </g>
        ))}
        <Plate at={lane.serve} x={x} y={19} />
        <Plate at={lane.eaten} x={x} y={49} />
        {hasCourse && (
          <g>
            {page.degrees.map((degree) => (
              <g key={degree.at}>
                <path d={`M${x(0)} ${y(degree.at)}H${x(lane.until)}`} stroke="var(--line)" strokeDasharray="2 4" />
                <text x="0" y={y(degree.at) + 4} fill="var(--soft)">
                  {degree.text}
                </text>
              </g>
            ))}
            <path d={line("pot")} fill="none" stroke="var(--heat)" strokeWidth="2" />
            <path d={line("core")} fill="none" stroke="var(--rim)" strokeWidth="2" strokeDasharray="6 3" />
            {last && (
              <>
                <text x={x(last.hour) + 5} y={y(last.pot) - 1} fill="var(--heat)">
                  liquid
                </text>
                <text x={x(last.hour) + 5} y={y(last.core) + 14} fill="var(--rim)">
                  middle
                </text>
              </>
            )}
          </g>
        )}
      </svg>
      <p className="text-sm text-soft">
        The bar above is the window that was given, its line the likely time. Below, each open ring is a look that found
        the meat not ready, each full one a look that found it ready; the bar lies between. The plates are dinner.
        {hasCourse && ` ${page.courseText} As it is believed to have been, by all that was recorded.`}
      </p>
    </div>
  );
}

function Plate({ at, x, y }: { at: number | null; x: (hours: number) => number; y: number }) {
  return at === null ? null : (
    <g>
      <ellipse cx={x(at)} cy={y} rx="11" ry="6" fill="var(--panel)" stroke="var(--ink)" strokeWidth="1.5" />
      <ellipse cx={x(at)} cy={y} rx="5" ry="2.5" fill="none" stroke="var(--ink)" />
    </g>
  );
}
