import { useHouse } from "../api/queries";
import type { JobView, WholeDayView, WindowView } from "../api/types";
import { momentOf } from "../hours/localMoment";
import { CookerRow } from "./CookerRow";
import { dayScale, hourTicks } from "./dayScale";
import { JobBar, ROW } from "./JobBar";
import { NowLine } from "./NowLine";
import { OtherBar } from "./OtherBar";
import { Patterns } from "./Patterns";
import { rowsOf } from "./rowsOf";
import { ServeLine } from "./ServeLine";
import { Shade } from "./Shade";
import { useMoving } from "./useMoving";

const WIDTH = 1120;
const LEFT = 84;
const RANGE: [number, number] = [LEFT, WIDTH];
const TOP = 26;
const HOUR = 3_600_000;
const STEP = 5 * 60_000;
const NEAREST_TICKS = 44;

/** The day as rows for each cook, rings, oven and cooker on one clock; away, busy and asleep are shaded. */
export function Timeline({
  day,
  fork,
  onPin,
  onKeep,
  onServe,
  onStart,
}: {
  day: WholeDayView;
  fork: WindowView | undefined;
  onPin: (job: JobView, milliseconds: number) => void;
  onKeep: (job: JobView) => void;
  onServe: (milliseconds: number) => void;
  onStart: (milliseconds: number) => void;
}) {
  const answered = useHouse().data;
  const house = answered?.draft;
  const scale = dayScale(day, WIDTH - LEFT);
  const x = (moment: string | number) => LEFT + scale(typeof moment === "number" ? moment : Date.parse(moment));
  const [on, serve] = [Date.parse(day.switchOn), Date.parse(day.serve)];
  const moved = (from: number, by: number) => Math.round(scale.invert(x(from) - LEFT + by).getTime() / STEP) * STEP;
  const moving = useMoving<JobView | "serve" | "start">(
    (what, by) => {
      if (what === "serve") {
        onServe(moved(serve, by));
      } else if (what === "start") {
        onStart(moved(on, by));
      } else {
        onPin(what, moved(Date.parse(what.from), by));
      }
    },
    (what) => typeof what !== "string" && onKeep(what),
  );
  const others = new Set(day.others.flatMap((other) => other.jobs.map((job) => job.id)));
  const rows = rowsOf(day);
  const cookerTop = TOP + rows.length * ROW;
  const bottom = cookerTop + ROW;
  const format = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    minute: "2-digit",
    hour12: house?.clock === "12",
    ...(house ? { timeZone: house.timeZone } : {}),
  });
  const tender: [number, number] | null =
    fork?.earliest == null
      ? null
      : [x(on + fork.earliest * HOUR), x(Math.min(on + (fork.latest ?? 99) * HOUR, Date.parse(day.to)))];
  const present = answered ? momentOf(answered.now, house?.timeZone) : null;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways on a phone must take the focus
    <section aria-label="The day, drawn" tabIndex={0} className="overflow-x-auto">
      <svg
        ref={moving.svg}
        viewBox={`0 0 ${WIDTH} ${bottom + 22}`}
        className="block h-auto w-full min-w-[52rem] select-none"
      >
        <title>The list below says the same in words.</title>
        <Patterns />
        {day.asleep.map((span) => (
          <Shade
            key={span.from}
            word="asleep"
            x={x(span.from)}
            end={x(span.to)}
            top={TOP}
            height={bottom - TOP}
            pattern="shade"
          />
        ))}
        {hourTicks(day, x, NEAREST_TICKS).map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={TOP} y2={bottom} stroke="var(--line)" />
            <text x={x(tick)} y={bottom + 16} textAnchor="middle" fontSize="13" fill="var(--soft)">
              {format.format(tick)}
            </text>
          </g>
        ))}
        {rows.map((row, index) => {
          const top = TOP + index * ROW;
          const shades = [
            ...(row.person?.away ?? []).map((span) => ({ span, word: "away", pattern: "shade" as const })),
            ...(row.person?.busy ?? []).map((span) => ({ span, word: "busy", pattern: "busy" as const })),
          ];
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows of one kind have no other identity
            <g key={index}>
              {shades.map(({ span, word, pattern }) => (
                <Shade
                  key={word + span.from}
                  word={word}
                  x={x(span.from)}
                  end={x(span.to)}
                  top={top}
                  height={ROW}
                  pattern={pattern}
                />
              ))}
              <text x={0} y={top + 20} fontSize="14" fill="var(--soft)">
                {row.name === rows[index - 1]?.name ? "" : row.name}
              </text>
              <line x1={0} x2={WIDTH} y1={top + ROW} y2={top + ROW} stroke="var(--line)" />
              {row.jobs.map((job) =>
                others.has(job.id) ? (
                  <OtherBar key={job.id} text={job.text} x={x(job.from)} end={x(job.to)} top={top} />
                ) : (
                  <JobBar
                    key={job.id}
                    job={job}
                    number={day.jobs.indexOf(job) + 1}
                    x={x(job.from)}
                    width={Math.max(4, x(job.to) - x(job.from) - 1)}
                    top={top}
                    shift={moving.shift((what) => typeof what !== "string" && what.id === job.id)}
                    range={RANGE}
                    drag={moving.holding(job)}
                    onStep={(steps) => onPin(job, Date.parse(job.from) + steps * STEP)}
                    onKeep={() => onKeep(job)}
                  />
                ),
              )}
            </g>
          );
        })}
        <CookerRow
          top={cookerTop}
          on={x(on)}
          sauce={x(day.sauce)}
          tender={tender}
          clock={format.format(on)}
          range={RANGE}
          shift={moving.shift((what) => what === "start")}
          drag={moving.holding("start")}
          onStep={(steps) => onStart(on + steps * STEP)}
        />
        {present !== null && x(present) > LEFT && present < Date.parse(day.to) && (
          <NowLine x={x(present)} top={TOP} bottom={bottom} />
        )}
        <ServeLine
          x={x(serve)}
          bottom={bottom}
          clock={format.format(serve)}
          range={RANGE}
          shift={moving.shift((what) => what === "serve")}
          drag={moving.holding("serve")}
          onStep={(steps) => onServe(serve + steps * STEP)}
        />
      </svg>
    </section>
  );
}
