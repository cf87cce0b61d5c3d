import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import { useHouse } from "../api/queries";
import type { JobView, SpanView, WholeDayView, WindowView } from "../api/types";
import { localMoment } from "../hours/localMoment";
import { useDrag } from "../kit/useDrag";
import { dayScale } from "./dayScale";

const WIDTH = 1120;
const LEFT = 84;
const TOP = 26;
const ROW = 30;
const HOUR = 3_600_000;
const ROW_GAP = 6;
const STEP = 5 * 60_000;

type Row = { name: string; jobs: JobView[] };

/** The house's local moment, as milliseconds. */
function now(local: string, timeZone: string | undefined): number {
  const guess = Date.parse(`${local}:00Z`);
  return guess - (Date.parse(`${localMoment(guess, timeZone)}:00Z`) - guess);
}

/** Jobs in as few lines as they need without lying on each other. */
function lines(jobs: JobView[]): JobView[][] {
  const rows: JobView[][] = [];
  for (const job of jobs) {
    const free = rows.find((row) => Date.parse(row.at(-1)?.to ?? "") <= Date.parse(job.from));
    free ? free.push(job) : rows.push([job]);
  }
  return rows.length > 0 ? rows : [[]];
}

/** The day as rows for hands, rings, oven and cooker on one clock; away and asleep are shaded. */
export function Timeline({
  day,
  fork,
  onPin,
}: {
  day: WholeDayView;
  fork: WindowView | undefined;
  onPin: (job: string, milliseconds: number) => void;
}) {
  const answered = useHouse().data;
  const house = answered?.draft;
  const moving = useRef<{ job: JobView; x: number } | null>(null);
  const scale = dayScale(day, WIDTH - LEFT);
  const x = (moment: string | number) => LEFT + scale(typeof moment === "number" ? moment : Date.parse(moment));
  const step = (milliseconds: number) => Math.round(milliseconds / STEP) * STEP;
  const drag = useDrag((where) => {
    const held = moving.current;
    moving.current = null;
    if (held !== null && Math.abs(where.x - held.x) > 4) {
      const begins = x(held.job.from) + where.x - held.x - LEFT;
      onPin(held.job.id, step(scale.invert(begins).getTime()));
    }
  });
  const shift = (job: JobView) =>
    drag.at !== null && moving.current?.job.id === job.id ? drag.at.x - moving.current.x : 0;
  const on = Date.parse(day.switchOn);
  const rows: Row[] = [
    ...lines(day.jobs.filter((job) => job.hands)).map((jobs) => ({ name: "hands", jobs })),
    ...lines(day.jobs.filter((job) => job.rings > 0)).map((jobs) => ({ name: "ring", jobs })),
    ...lines(day.jobs.filter((job) => job.ovens > 0)).map((jobs) => ({ name: "oven", jobs })),
  ];
  const bottom = TOP + (rows.length + 1) * ROW;
  const format = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    minute: "2-digit",
    hour12: house?.clock === "12",
    ...(house ? { timeZone: house.timeZone } : {}),
  });
  const first = Math.ceil(Date.parse(day.from) / HOUR) * HOUR;
  const ticks = Array.from(
    { length: Math.floor((Date.parse(day.to) - first) / HOUR) + 1 },
    (_, hour) => first + hour * HOUR,
  ).filter((tick, index, all) => index === 0 || x(tick) - x(all[index - 1] ?? tick) > 34 || index % 3 === 0);
  const shade = (span: SpanView, word: string) => (
    <g key={word + span.from}>
      <rect
        x={x(span.from)}
        y={TOP}
        width={Math.max(0, x(span.to) - x(span.from))}
        height={bottom - TOP}
        fill="url(#shade)"
      />
      <text x={(x(span.from) + x(span.to)) / 2} y={TOP + 12} textAnchor="middle" fontSize="12" fill="var(--soft)">
        {x(span.to) - x(span.from) > 46 ? word : ""}
      </text>
    </g>
  );
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways on a phone must take the focus
    <section aria-label="The day, drawn" tabIndex={0} className="overflow-x-auto">
      <svg
        ref={drag.svg}
        viewBox={`0 0 ${WIDTH} ${bottom + 22}`}
        className="block h-auto w-full min-w-[52rem] select-none"
      >
        <title>The list below says the same in words.</title>
        <defs>
          <pattern id="shade" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="8" height="8" fill="var(--sunk)" />
            <line x1="0" y1="0" x2="0" y2="8" stroke="var(--line)" strokeWidth="3" />
          </pattern>
          <pattern id="tender" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="9" height="9" fill="var(--done-wash)" />
            <line x1="0" y1="0" x2="0" y2="9" stroke="var(--done)" strokeWidth="4" />
          </pattern>
        </defs>
        {day.asleep.map((span) => shade(span, "asleep"))}
        {day.away.map((span) => shade(span, "away"))}
        {ticks.map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={TOP} y2={bottom} stroke="var(--line)" />
            <text x={x(tick)} y={bottom + 16} textAnchor="middle" fontSize="13" fill="var(--soft)">
              {format.format(tick)}
            </text>
          </g>
        ))}
        {rows.map((row, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows of one kind have no other identity
          <g key={index}>
            <text x={0} y={TOP + index * ROW + 20} fontSize="14" fill="var(--soft)">
              {row.name === rows[index - 1]?.name ? "" : row.name}
            </text>
            <line x1={0} x2={WIDTH} y1={TOP + (index + 1) * ROW} y2={TOP + (index + 1) * ROW} stroke="var(--line)" />
            {row.jobs.map((job) => {
              const width = Math.max(4, x(job.to) - x(job.from) - 1);
              const own = job.group === "braise";
              return (
                <g
                  key={job.id}
                  {...(own
                    ? {}
                    : {
                        ...drag.handle,
                        onPointerDown: (event: PointerEvent<Element>) => {
                          drag.handle.onPointerDown(event);
                          const box = drag.svg.current;
                          const at =
                            box &&
                            new DOMPoint(event.clientX, event.clientY).matrixTransform(box.getScreenCTM()?.inverse());
                          moving.current = { job, x: at?.x ?? 0 };
                        },
                        role: "slider",
                        tabIndex: 0,
                        "aria-label": job.text,
                        "aria-valuenow": Math.round(x(job.from)),
                        "aria-valuemin": LEFT,
                        "aria-valuemax": WIDTH,
                        "aria-valuetext": `${job.clock}${job.pinned ? ", kept there" : ""}`,
                        className: "cursor-ew-resize",
                        onKeyDown: (event: KeyboardEvent<Element>) => {
                          const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
                          if (by !== undefined) {
                            event.preventDefault();
                            onPin(job.id, Date.parse(job.from) + by * STEP);
                          }
                        },
                      })}
                  transform={`translate(${shift(job)} 0)`}
                >
                  <title>{`${job.clock} ${job.text}, ${job.minutes} min`}</title>
                  <rect
                    x={x(job.from)}
                    y={TOP + index * ROW + ROW_GAP / 2}
                    width={width}
                    height={ROW - ROW_GAP}
                    rx="4"
                    fill={own ? "var(--rim)" : "var(--panel)"}
                    stroke="var(--rim)"
                    strokeWidth={job.pinned ? 3.5 : 1.5}
                  />
                  {width > 7.2 * job.text.length && (
                    <text
                      x={x(job.from) + 5}
                      y={TOP + index * ROW + 19}
                      fontSize="12.5"
                      fill={own ? "var(--on-rim)" : "var(--ink)"}
                    >
                      {job.text}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        ))}
        <text x={0} y={TOP + rows.length * ROW + 20} fontSize="14" fill="var(--soft)">
          cooker
        </text>
        <rect
          x={x(day.switchOn)}
          y={TOP + rows.length * ROW + ROW_GAP / 2}
          width={Math.max(0, x(day.sauce) - x(day.switchOn))}
          height={ROW - ROW_GAP}
          rx="4"
          fill="var(--heat-wash)"
          stroke="var(--heat)"
        />
        {fork?.earliest != null && (
          <rect
            x={x(on + fork.earliest * HOUR)}
            y={TOP + rows.length * ROW + ROW_GAP}
            width={Math.max(
              0,
              x(Math.min(on + (fork.latest ?? 99) * HOUR, Date.parse(day.to))) - x(on + fork.earliest * HOUR),
            )}
            height={ROW - 2 * ROW_GAP}
            rx="3"
            fill="url(#tender)"
            stroke="var(--done)"
          />
        )}
        {answered &&
          x(now(answered.now, house?.timeZone)) > LEFT &&
          now(answered.now, house?.timeZone) < Date.parse(day.to) && (
            <line
              x1={x(now(answered.now, house?.timeZone))}
              x2={x(now(answered.now, house?.timeZone))}
              y1={TOP}
              y2={bottom}
              stroke="var(--heat)"
              strokeWidth="2"
              strokeDasharray="3 3"
            />
          )}
        <line x1={x(day.serve)} x2={x(day.serve)} y1={12} y2={bottom} stroke="var(--rim)" strokeWidth="3" />
        <text x={x(day.serve) + 6} y={18} fontSize="14" fontWeight="700" fill="var(--rim)">
          eat
        </text>
      </svg>
    </section>
  );
}
