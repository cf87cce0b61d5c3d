import { type PointerEvent, useRef } from "react";
import { useHouse } from "../api/queries";
import type { JobView, SpanView, WholeDayView, WindowView } from "../api/types";
import { momentOf } from "../hours/localMoment";
import { useDrag } from "../kit/useDrag";
import { dayScale, hourTicks } from "./dayScale";
import { Handle } from "./Handle";
import { JobBar, ROW } from "./JobBar";
import { OtherBar } from "./OtherBar";
import { rowsOf } from "./rowsOf";

const WIDTH = 1120;
const LEFT = 84;
const RANGE: [number, number] = [LEFT, WIDTH];
const TOP = 26;
const HOUR = 3_600_000;
const ROW_GAP = 6;
const GRIP = 8;
const STEP = 5 * 60_000;
/** Moved by less, it was pressed. */
const STILL = 4;
const NEAREST_TICKS = 44;
const ROOM_FOR_A_WORD = 46;

type Held = { what: JobView | "serve" | "start"; x: number };

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
  const moving = useRef<Held | null>(null);
  const scale = dayScale(day, WIDTH - LEFT);
  const x = (moment: string | number) => LEFT + scale(typeof moment === "number" ? moment : Date.parse(moment));
  const step = (milliseconds: number) => Math.round(milliseconds / STEP) * STEP;
  const fromOf = (held: Held) =>
    held.what === "serve" ? day.serve : held.what === "start" ? day.switchOn : held.what.from;
  const move = (what: Held["what"], to: number) =>
    what === "serve" ? onServe(to) : what === "start" ? onStart(to) : onPin(what, to);
  const drag = useDrag((where) => {
    const held = moving.current;
    moving.current = null;
    if (held === null) {
      return;
    }
    if (Math.abs(where.x - held.x) > STILL) {
      move(held.what, step(scale.invert(x(fromOf(held)) + where.x - held.x - LEFT).getTime()));
    } else if (typeof held.what !== "string") {
      onKeep(held.what);
    }
  });
  const holding = (what: Held["what"]) => ({
    ...drag.handle,
    onPointerDown: (event: PointerEvent<Element>) => {
      drag.handle.onPointerDown(event);
      const matrix = drag.svg.current?.getScreenCTM()?.inverse();
      moving.current = { what, x: new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix).x };
    },
  });
  const shift = (what: Held["what"]) => {
    const held = moving.current;
    const same =
      held !== null &&
      (typeof what === "string" || typeof held.what === "string" ? held.what === what : held.what.id === what.id);
    return drag.at !== null && held !== null && same ? drag.at.x - held.x : 0;
  };
  const others = new Set(day.others.flatMap((other) => other.jobs.map((job) => job.id)));
  const on = Date.parse(day.switchOn);
  const rows = rowsOf(day);
  const cookerTop = TOP + rows.length * ROW;
  const bottom = cookerTop + ROW;
  const format = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    minute: "2-digit",
    hour12: house?.clock === "12",
    ...(house ? { timeZone: house.timeZone } : {}),
  });
  const ticks = hourTicks(day, x, NEAREST_TICKS);
  const shade = (span: SpanView, word: string, top: number, height: number, fill: string) => (
    <g key={word + span.from + top}>
      <rect x={x(span.from)} y={top} width={Math.max(0, x(span.to) - x(span.from))} height={height} fill={fill} />
      <text
        x={(x(span.from) + x(span.to)) / 2}
        y={top + 13}
        textAnchor="middle"
        fontSize="12"
        fill="var(--soft)"
        stroke="var(--panel)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {x(span.to) - x(span.from) > ROOM_FOR_A_WORD ? word : ""}
      </text>
    </g>
  );
  const present = answered ? momentOf(answered.now, house?.timeZone) : null;
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
          <pattern id="busy" width="7" height="7" patternUnits="userSpaceOnUse">
            <rect width="7" height="7" fill="var(--panel)" />
            <circle cx="3.5" cy="3.5" r="1.3" fill="var(--soft)" />
          </pattern>
          <pattern id="tender" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="9" height="9" fill="var(--done-wash)" />
            <line x1="0" y1="0" x2="0" y2="9" stroke="var(--done)" strokeWidth="4" />
          </pattern>
        </defs>
        {day.asleep.map((span) => shade(span, "asleep", TOP, bottom - TOP, "url(#shade)"))}
        {ticks.map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={TOP} y2={bottom} stroke="var(--line)" />
            <text x={x(tick)} y={bottom + 16} textAnchor="middle" fontSize="13" fill="var(--soft)">
              {format.format(tick)}
            </text>
          </g>
        ))}
        {rows.map((row, index) => {
          const top = TOP + index * ROW;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows of one kind have no other identity
            <g key={index}>
              {row.person?.away.map((span) => shade(span, "away", top, ROW, "url(#shade)"))}
              {row.person?.busy.map((span) => shade(span, "busy", top, ROW, "url(#busy)"))}
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
                    shift={shift(job)}
                    range={RANGE}
                    drag={holding(job)}
                    onStep={(steps) => onPin(job, Date.parse(job.from) + steps * STEP)}
                    onKeep={() => onKeep(job)}
                  />
                ),
              )}
            </g>
          );
        })}
        <text x={0} y={cookerTop + 20} fontSize="14" fill="var(--soft)">
          cooker
        </text>
        <Handle
          label="Pot on"
          text={format.format(on)}
          x={x(day.switchOn)}
          range={RANGE}
          shift={0}
          drag={holding("start")}
          onStep={(steps) => onStart(on + steps * STEP)}
        >
          <rect
            x={x(day.switchOn) + shift("start")}
            y={cookerTop + ROW_GAP / 2}
            width={Math.max(0, x(day.sauce) - x(day.switchOn) - shift("start"))}
            height={ROW - ROW_GAP}
            rx="4"
            fill="var(--heat-wash)"
            stroke="var(--heat)"
          />
        </Handle>
        {fork?.earliest != null && (
          <rect
            x={x(on + fork.earliest * HOUR)}
            y={cookerTop + ROW_GAP}
            width={Math.max(
              0,
              x(Math.min(on + (fork.latest ?? 99) * HOUR, Date.parse(day.to))) - x(on + fork.earliest * HOUR),
            )}
            height={ROW - 2 * ROW_GAP}
            rx="3"
            fill="url(#tender)"
            stroke="var(--done)"
            className="pointer-events-none"
          />
        )}
        {present !== null && x(present) > LEFT && present < Date.parse(day.to) && (
          <g>
            <line
              x1={x(present)}
              x2={x(present)}
              y1={TOP - 6}
              y2={bottom}
              stroke="var(--heat)"
              strokeWidth="2"
              strokeDasharray="3 3"
            />
            <text x={x(present)} y={TOP - 9} textAnchor="middle" fontSize="12.5" fill="var(--heat)">
              now
            </text>
          </g>
        )}
        <Handle
          label="Eat"
          text={format.format(Date.parse(day.serve))}
          x={x(day.serve)}
          range={RANGE}
          shift={shift("serve")}
          drag={holding("serve")}
          onStep={(steps) => onServe(Date.parse(day.serve) + steps * STEP)}
        >
          <rect x={x(day.serve) - GRIP} y={2} width={2 * GRIP} height={bottom - 2} fill="transparent" />
          <line x1={x(day.serve)} x2={x(day.serve)} y1={8} y2={bottom} stroke="var(--rim)" strokeWidth="3" />
          <path d={`M${x(day.serve) - 7} 2 h14 v6 l-7 6 l-7 -6z`} fill="var(--rim)" />
        </Handle>
        <text
          x={x(day.serve) + shift("serve") + 11}
          y={14}
          fontSize="14"
          fontWeight="700"
          fill="var(--rim)"
          className="pointer-events-none"
        >
          eat
        </text>
      </svg>
    </section>
  );
}
