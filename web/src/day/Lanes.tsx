import { type PointerEvent, useState } from "react";
import type { Adaptation, JobView, WholeDayView } from "../api/types";
import { clockScale, moment, type Stretch, stretches } from "../clock/clockScale";
import { Hatches, useHatches } from "../clock/Hatches";
import { PotLane } from "../clock/PotLane";
import { useClock } from "../clock/useClock";
import { useWidth } from "../kit/useWidth";
import { type DayColumn, lines } from "./columns";

const ROW = 24;
const TOP = 20;
const LETTER = 6.7;
const STEP = 5 * 60_000;
/** Pixels from the middle of one label to that of the next. */
const LABEL = 40;
const STILL = 4;
const KEYS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -6, PageUp: 6 };

export type Rows = { name: string; who: string | null; of: (job: JobView) => boolean; jobs: JobView[] }[];

/** A row for each cook, then as many as are needed for rings and oven. */
export function rowsOf(day: WholeDayView): Rows {
  const others = day.others.flatMap((other) => other.jobs);
  const all = [...day.jobs, ...others].sort((a, b) => Date.parse(a.from) - Date.parse(b.from));
  const row = (name: string, who: string | null, jobs: JobView[]) => ({
    name,
    who,
    jobs,
    of: (job: JobView) => jobs.includes(job),
  });
  return [
    ...day.people.map((person) =>
      row(
        person.name === "" ? "hands" : person.name,
        person.id,
        all.filter((job) => job.who === person.id),
      ),
    ),
    ...lines(all.filter((job) => job.rings > 0)).map((of, index) => row(index === 0 ? "ring" : "", null, of)),
    ...lines(all.filter((job) => job.ovens > 0)).map((of, index) => row(index === 0 ? "oven" : "", null, of)),
  ].filter((one) => one.who !== null || one.jobs.length > 0);
}

/** The time at table, between the plate and what is done after. */
function table(jobs: JobView[], serve: number): Stretch[] {
  const after = jobs.map((job) => Date.parse(job.from)).filter((at) => at >= serve);
  const next = after.length === 0 ? null : Math.min(...after);
  return [
    ...(next === null ? [] : [{ from: serve + 4 * 60_000, to: next - 4 * 60_000 }]),
    ...after.slice(1).map((at, index) => ({ from: (after[index] ?? at) + 14 * 60_000, to: at - 4 * 60_000 })),
  ].filter((one) => one.to > one.from);
}

/** One busy stretch of the day, opened: a row for each cook, ring and oven, the pot under them. */
export function Lanes({
  column,
  day,
  adaptation,
  rows,
  names,
  numberOf,
  pointed,
  onPoint,
  onMove,
  onKeep,
}: {
  column: DayColumn;
  day: WholeDayView;
  adaptation: Adaptation;
  rows: Rows;
  names: boolean;
  numberOf: (job: JobView) => number;
  pointed: JobView | null;
  onPoint: (job: JobView | null) => void;
  onMove: (job: JobView, milliseconds: number) => void;
  onKeep: (job: JobView) => void;
}) {
  const [box, width] = useWidth<HTMLDivElement>(400);
  const hatches = useHatches();
  const clock = useClock();
  const [held, setHeld] = useState<{ job: JobView; from: number; by: number } | null>(null);
  const stretch = column.stretch;
  const height = TOP + (rows.length + 1) * ROW + 2;
  if (stretch === null) {
    return <div ref={box} style={{ height }} />;
  }
  const left = names ? 62 : 4;
  const asleep = stretches(adaptation.ribbon.asleep);
  const nights = asleep.filter(
    (night) => !column.jobs.some((job) => Date.parse(job.from) < night.to && night.from < Date.parse(job.to)),
  );
  const folded = [...nights, ...table(column.jobs, Date.parse(adaptation.ribbon.serve))];
  const scale = clockScale(stretch, folded, left, width - 6, 26);
  const others = new Set(day.others.flatMap((other) => other.jobs.map((job) => job.id)));
  const { ribbon } = adaptation;
  const [on, sauce] = [moment(ribbon.switchOn), moment(ribbon.sauce)];
  const serve = Date.parse(ribbon.serve);
  const shown = (job: JobView) => Date.parse(job.to) > stretch.from && Date.parse(job.from) < stretch.to;
  const step = (stretch.to - stretch.from) / 3_600_000 > 3 ? 60 : (stretch.to - stretch.from) / 60_000 > 100 ? 30 : 10;
  const ticks: number[] = [];
  for (let at = Math.ceil(stretch.from / (step * 60_000)) * step * 60_000; at <= stretch.to; at += step * 60_000) {
    const before = ticks.at(-1);
    if (
      !scale.folds.some((fold) => scale.x(at) > fold.left + 1 && scale.x(at) < fold.right - 1) &&
      !scale.folds.some(
        (fold) => Math.abs(scale.x(at) - (fold.left + fold.right) / 2) < LABEL && scale.at(fold.left) < serve,
      ) &&
      (before === undefined || scale.x(at) - scale.x(before) >= LABEL + 2)
    ) {
      ticks.push(at);
    }
  }
  const grab = (job: JobView) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setHeld({ job, from: event.clientX, by: 0 });
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) =>
      held?.job === job && setHeld({ ...held, by: event.clientX - held.from }),
    onPointerUp: () => {
      if (held?.job === job) {
        setHeld(null);
        const begins = Date.parse(job.from);
        if (Math.abs(held.by) > STILL) {
          onMove(job, Math.round(scale.at(scale.x(begins) + held.by) / STEP) * STEP);
        } else {
          onKeep(job);
        }
      }
    },
    onPointerCancel: () => setHeld(null),
    style: { touchAction: "none" as const },
  });
  return (
    <div ref={box}>
      <svg width={width} height={height} className="block max-w-full select-none">
        <title>The list below says the same in words.</title>
        <Hatches id={hatches.id} />
        {ticks.map((tick) => (
          <g key={tick}>
            <path d={`M${scale.x(tick)} ${TOP - 3}V${height}`} stroke="var(--line)" />
            <text
              x={Math.max(left + 14, Math.min(width - 18, scale.x(tick)))}
              y={13}
              textAnchor="middle"
              fontSize="12"
              style={{ fill: "var(--soft)" }}
            >
              {clock.time(tick)}
            </text>
          </g>
        ))}
        {scale.folds.map((fold) => (
          <g key={fold.left}>
            <rect x={fold.left} y={TOP} width={fold.right - fold.left} height={height - TOP} fill={hatches.away} />
            <text
              x={(fold.left + fold.right) / 2}
              y={13}
              textAnchor="middle"
              fontSize="12"
              fontStyle="italic"
              style={{ fill: "var(--soft)" }}
            >
              {scale.at((fold.left + fold.right) / 2) > Date.parse(ribbon.serve) ? "" : "night"}
            </text>
          </g>
        ))}
        {rows.map((row, index) => {
          const top = TOP + index * ROW;
          const person = day.people.find((one) => one.id === row.who);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows keep their order
            <g key={index}>
              {stretches(person?.away ?? []).map((span) => (
                <Shade key={span.from} word="away" span={span} x={scale.x} top={top} fill={hatches.away} />
              ))}
              {stretches(person?.busy ?? []).map((span) => (
                <Shade key={span.from} word="busy" span={span} x={scale.x} top={top} fill={hatches.busy} />
              ))}
              {names && (
                <text x={0} y={top + 16} fontSize="13" fontWeight={row.who === null ? 400 : 700}>
                  {row.name.length > 8 ? `${row.name.slice(0, 7)}…` : row.name}
                </text>
              )}
              <path d={`M0 ${top + ROW}H${width}`} stroke="var(--line)" />
              {row.jobs.filter(shown).map((job) => {
                const [x, end] = [scale.x(Date.parse(job.from)), scale.x(Date.parse(job.to))];
                const bar = Math.max(5, end - x - 1);
                const other = others.has(job.id);
                const shift = held?.job === job ? held.by : 0;
                const own = job.group === "braise";
                const lead = row.who !== null || !job.hands;
                const fits = bar > LETTER * job.text.length + 8;
                const label = other ? "" : fits ? job.text : bar > 12 ? String(numberOf(job)) : "";
                const ink = row.who === null ? "var(--ink)" : own ? "var(--on-rim)" : "var(--ink)";
                const drawing = (
                  <>
                    <rect x={x} y={top - 1} width={Math.max(24, bar)} height={ROW + 2} fill="transparent" />
                    <rect
                      x={x}
                      y={top + 3}
                      width={bar}
                      height={ROW - 6}
                      rx="4"
                      fill={other ? hatches.away : row.who !== null && own ? "var(--rim)" : "var(--panel)"}
                      stroke={pointed?.id === job.id ? "var(--heat)" : other ? "var(--edge)" : "var(--rim)"}
                      strokeWidth={pointed?.id === job.id ? 3 : 1.5}
                      strokeDasharray={other ? "4 3" : "none"}
                    />
                    <text
                      x={fits ? x + 5 : x + bar / 2}
                      y={top + 16}
                      textAnchor={fits ? "start" : "middle"}
                      fontSize="12.5"
                      style={{ fill: ink }}
                    >
                      {label}
                    </text>
                    {job.pinned && (
                      <circle cx={x + bar / 2} cy={top + 3} r="4" fill="var(--attention)" stroke="var(--rim)" />
                    )}
                  </>
                );
                return other || !lead ? (
                  <g key={job.id} onPointerEnter={() => onPoint(job)} onPointerLeave={() => onPoint(null)}>
                    <title>{`${job.clock} ${job.text}`}</title>
                    {drawing}
                  </g>
                ) : (
                  <g
                    key={job.id}
                    {...grab(job)}
                    role="slider"
                    tabIndex={0}
                    aria-label={job.text}
                    aria-valuemin={0}
                    aria-valuemax={Math.round(width)}
                    aria-valuenow={Math.round(x)}
                    aria-valuetext={`${job.clock}, ${job.minutes} min${job.person ? `, ${job.person}` : ""}${job.pinned ? ", stays at this time" : ""}`}
                    className="cursor-ew-resize"
                    transform={`translate(${shift} 0)`}
                    onPointerEnter={() => onPoint(job)}
                    onPointerLeave={() => onPoint(null)}
                    onFocus={() => onPoint(job)}
                    onBlur={() => onPoint(null)}
                    onKeyDown={(event) => {
                      const by = KEYS[event.key];
                      if (by !== undefined) {
                        event.preventDefault();
                        onMove(job, Date.parse(job.from) + by * STEP);
                      } else if (event.key === "Enter" || event.key === " ") {
                        event.preventDefault();
                        onKeep(job);
                      }
                    }}
                  >
                    {drawing}
                  </g>
                );
              })}
            </g>
          );
        })}
        {names && (
          <text x={0} y={TOP + rows.length * ROW + 16} fontSize="13">
            cooker
          </text>
        )}
        {on !== null && sauce !== null && scale.x(sauce) > scale.x(on) && (
          <g clipPath={`inset(0)`}>
            <PotLane
              pots={ribbon.pots}
              on={on}
              until={sauce}
              x={scale.x}
              y={TOP + rows.length * ROW + 4}
              height={ROW - 6}
              fills={hatches}
            />
          </g>
        )}
        {serve > stretch.from && serve < stretch.to && (
          <path
            d={`M${scale.x(serve)} ${TOP - 4}V${height}`}
            stroke="var(--rim)"
            strokeWidth="3"
            className="pointer-events-none"
          />
        )}
      </svg>
    </div>
  );
}

function Shade({
  word,
  span,
  x,
  top,
  fill,
}: {
  word: string;
  span: { from: number; to: number };
  x: (moment: number) => number;
  top: number;
  fill: string;
}) {
  const [left, right] = [x(span.from), x(span.to)];
  return right - left < 1 ? null : (
    <g>
      <rect x={left} y={top + 1} width={right - left} height={ROW - 2} fill={fill} />
      {right - left > 54 && (
        <text
          x={(left + right) / 2}
          y={top + 16}
          textAnchor="middle"
          fontSize="12"
          stroke="var(--ground)"
          strokeWidth="5"
          paintOrder="stroke"
          style={{ fill: "var(--soft)" }}
        >
          {word}
        </text>
      )}
    </g>
  );
}
