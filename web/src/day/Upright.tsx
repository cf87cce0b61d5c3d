import { useLayoutEffect, useRef, useState } from "react";
import type { Adaptation, WholeDayView } from "../api/types";
import { moment, ribbonScale, stretches } from "../clock/clockScale";
import { Hatches, useHatches } from "../clock/Hatches";
import { useClock } from "../clock/useClock";

const HOUR = 3_600_000;
const CLOCK = 34;
const POT = 18;
const LANE = 15;
/** Where the leaders run from the lanes to the list. */
const LEADERS = 18;

/** The day upright: the pot and a lane a person beside the clock, and a leader from every job to its row in the list. */
export function Upright({
  adaptation,
  day,
  children,
}: {
  adaptation: Adaptation;
  day: WholeDayView;
  children: React.ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const hatches = useHatches();
  const clock = useClock();
  const [rows, setRows] = useState<{ id: string; y: number }[]>([]);
  const [height, setHeight] = useState(600);
  useLayoutEffect(() => {
    const here = box.current;
    if (here === null) {
      return;
    }
    const measure = () => {
      const top = here.getBoundingClientRect().top;
      const found = [...here.querySelectorAll<HTMLElement>("[data-job]")].map((row) => ({
        id: row.dataset.job ?? "",
        y: row.getBoundingClientRect().top - top + 16,
      }));
      setHeight(Math.max(520, here.getBoundingClientRect().height));
      setRows((was) => (JSON.stringify(was) === JSON.stringify(found) ? was : found));
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(here);
    return () => observer.disconnect();
  });
  const { ribbon } = adaptation;
  const scale = ribbonScale(ribbon, 6, height - 6);
  const [on, sauce] = [moment(ribbon.switchOn), moment(ribbon.sauce)];
  const serve = Date.parse(ribbon.serve);
  const now = Date.parse(ribbon.now);
  const lanes = CLOCK + POT + 6;
  const width = lanes + day.people.length * LANE + LEADERS;
  const step = (POT - 2) / 10;
  return (
    <div ref={box} className="relative" style={{ paddingLeft: width - 10 }}>
      <svg
        width={width}
        height={height}
        className="pointer-events-none absolute top-0 left-0"
        role="img"
        aria-label="The day, upright; the list beside it says the same in words."
      >
        <Hatches id={hatches.id} />
        {scale.ticks(30).map((tick) => (
          <g key={tick}>
            <path d={`M${CLOCK - 4} ${scale.x(tick)}H${width - LEADERS}`} stroke="var(--line)" />
            <text x={CLOCK - 6} y={scale.x(tick) + 4} textAnchor="end" fontSize="12" style={{ fill: "var(--soft)" }}>
              {clock.hour(tick)}
            </text>
          </g>
        ))}
        {scale.folds.map((fold) => (
          <rect
            key={fold.left}
            x={CLOCK}
            y={fold.left}
            width={width - LEADERS - CLOCK}
            height={fold.right - fold.left}
            fill={hatches.away}
          />
        ))}
        <rect
          x={CLOCK}
          y={2}
          width={POT}
          height={height - 4}
          rx="8"
          fill="var(--panel)"
          stroke="var(--rim)"
          strokeWidth="2"
        />
        {on !== null && sauce !== null && (
          <g>
            {ribbon.pots.map((pot, index) => {
              const x = CLOCK + 1 + index * step;
              const at = (hours: number | null) =>
                hours === null ? scale.x(sauce) : Math.min(scale.x(sauce), scale.x(on + hours * HOUR));
              const [tender, past] = [at(pot.tender), Math.max(at(pot.tender), at(pot.past))];
              return (
                // biome-ignore lint/suspicious/noArrayIndexKey: the pots are told apart by their order
                <g key={index}>
                  <rect
                    x={x + step * 0.3}
                    y={scale.x(on)}
                    width={step * 0.4}
                    height={tender - scale.x(on)}
                    fill="var(--heat)"
                    opacity=".7"
                  />
                  <rect x={x} y={tender} width={step} height={past - tender} fill="var(--done)" />
                  <rect x={x} y={past} width={step} height={scale.x(sauce) - past} fill="var(--attention)" />
                </g>
              );
            })}
          </g>
        )}
        {day.people.map((person, index) => {
          const x = lanes + index * LANE;
          return (
            <g key={person.id}>
              <text x={x + LANE / 2 - 1} y={12} textAnchor="middle" fontSize="12" fontWeight="700">
                {(person.name || "·").slice(0, 1)}
              </text>
              {[
                { spans: person.away, hatch: hatches.away },
                { spans: person.busy, hatch: hatches.busy },
              ].flatMap(({ spans, hatch }) =>
                stretches(spans).map((span) => (
                  <rect
                    key={`${hatch} ${span.from}`}
                    x={x}
                    y={scale.x(span.from)}
                    width={LANE - 3}
                    height={scale.x(span.to) - scale.x(span.from)}
                    fill={hatch}
                  />
                )),
              )}
              {day.jobs
                .filter((job) => job.who === person.id)
                .map((job) => (
                  <rect
                    key={job.id}
                    x={x}
                    y={scale.x(Date.parse(job.from))}
                    width={LANE - 3}
                    height={Math.max(2, scale.x(Date.parse(job.to)) - scale.x(Date.parse(job.from)) - 0.5)}
                    fill="var(--rim)"
                  />
                ))}
            </g>
          );
        })}
        {day.jobs.map((job) => {
          const row = rows.find((one) => one.id === job.id);
          const place = day.people.findIndex((person) => person.id === job.who);
          const x = place < 0 ? CLOCK + POT + 2 : lanes + (place + 1) * LANE - 3;
          const y = scale.x(Date.parse(job.from)) + 1;
          return (
            row && (
              <path
                key={job.id}
                d={`M${x} ${y}C${width - LEADERS + 8} ${y} ${width - LEADERS + 2} ${row.y} ${width - 6} ${row.y}`}
                fill="none"
                stroke={job.hands ? "var(--rim)" : "var(--edge)"}
                strokeWidth="1"
              />
            )
          );
        })}
        {now > scale.from && now < scale.to && (
          <path d={`M${CLOCK - 3} ${scale.x(now)}H${width - LEADERS}`} stroke="var(--heat)" strokeWidth="2.5" />
        )}
        <circle
          cx={CLOCK + POT / 2}
          cy={scale.x(serve)}
          r="12"
          fill="var(--panel)"
          stroke="var(--rim)"
          strokeWidth="3"
        />
        <circle cx={CLOCK + POT / 2} cy={scale.x(serve)} r="7" fill="none" stroke="var(--rim)" strokeWidth="1.3" />
      </svg>
      {children}
    </div>
  );
}
