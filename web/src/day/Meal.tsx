import type { Adaptation, WholeDayView } from "../api/types";
import { clockScale } from "../clock/clockScale";
import { useClock } from "../clock/useClock";
import { useWidth } from "../kit/useWidth";
import type { DayColumn } from "./columns";
import { rowsOf } from "./Lanes";

const MINUTE = 60_000;
const PX_A_MINUTE = 6.4;
const LEFT = 44;
const HEAD = 20;
const LETTER = 6.6;

/** The last stretch before dinner upright: a column for each cook, the rings and the oven. */
export function Meal({ column, day, adaptation }: { column: DayColumn; day: WholeDayView; adaptation: Adaptation }) {
  const [box, width] = useWidth<HTMLDivElement>(358);
  const clock = useClock();
  const serve = Date.parse(adaptation.ribbon.serve);
  const jobs = column.jobs.filter((job) => Date.parse(job.from) < serve);
  if (jobs.length === 0) {
    return null;
  }
  const from =
    Math.floor((Math.min(...jobs.map((job) => Date.parse(job.from))) - MINUTE) / (10 * MINUTE)) * 10 * MINUTE;
  const height = HEAD + ((serve - from) / MINUTE) * PX_A_MINUTE;
  const scale = clockScale({ from, to: serve }, [], HEAD, height, 0);
  const rows = rowsOf(day).filter((row) => row.jobs.some((job) => jobs.includes(job)));
  const across = (width - LEFT) / Math.max(1, rows.length);
  const ticks = Array.from(
    { length: Math.floor((serve - from) / (10 * MINUTE)) + 1 },
    (_, index) => from + index * 10 * MINUTE,
  );
  return (
    <div ref={box}>
      <svg
        width={width}
        height={height + 6}
        className="block max-w-full"
        role="img"
        aria-label="The meal, upright; the list says the same in words."
      >
        {ticks.map((tick) => (
          <g key={tick}>
            <path d={`M${LEFT - 4} ${scale.x(tick)}H${width}`} stroke="var(--line)" />
            <text x={LEFT - 7} y={scale.x(tick) + 4} textAnchor="end" fontSize="12" style={{ fill: "var(--soft)" }}>
              {clock.time(tick).replace(/ [ap]m$/, "")}
            </text>
          </g>
        ))}
        {rows.map((row, index) => {
          const x = LEFT + index * across;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows keep their order
            <g key={index}>
              <text x={x + across / 2} y={14} textAnchor="middle" fontSize="13" fontWeight="700">
                {row.name.slice(0, Math.floor(across / 8))}
              </text>
              {row.jobs
                .filter((job) => jobs.includes(job))
                .map((job) => {
                  const [top, bottom] = [scale.x(Date.parse(job.from)), scale.x(Date.parse(job.to))];
                  const letters = Math.floor((across - 10) / LETTER);
                  const words = wrapped(job.text, letters, Math.max(1, Math.floor((bottom - top - 4) / 14)));
                  const dark = row.who !== null && job.group === "braise";
                  return (
                    <g key={job.id}>
                      <title>{`${job.clock} ${job.text}`}</title>
                      <rect
                        x={x + 2}
                        y={top + 0.5}
                        width={across - 4}
                        height={Math.max(3, bottom - top - 1)}
                        rx="4"
                        fill={dark ? "var(--rim)" : "var(--panel)"}
                        stroke="var(--rim)"
                        strokeWidth="1.4"
                      />
                      {bottom - top > 13 &&
                        words.map((line, at) => (
                          <text
                            // biome-ignore lint/suspicious/noArrayIndexKey: lines keep their order
                            key={at}
                            x={x + across / 2}
                            y={(top + bottom) / 2 + 4.5 + (at - (words.length - 1) / 2) * 14}
                            textAnchor="middle"
                            fontSize="12"
                            style={{ fill: dark ? "var(--on-rim)" : "var(--ink)" }}
                          >
                            {line}
                          </text>
                        ))}
                    </g>
                  );
                })}
            </g>
          );
        })}
        <path d={`M${LEFT - 4} ${scale.x(serve)}H${width}`} stroke="var(--rim)" strokeWidth="4" />
      </svg>
    </div>
  );
}

/** Words in as many lines as there is room for; what doesn't fit is cut with a sign that it was. */
function wrapped(text: string, letters: number, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(" ")) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= letters) {
      lines[lines.length - 1] = `${last} ${word}`;
    } else {
      lines.push(word);
    }
  }
  const shown = lines
    .slice(0, most)
    .map((line) => (line.length > letters ? `${line.slice(0, Math.max(1, letters - 1))}…` : line));
  return lines.length > most ? [...shown.slice(0, -1), `${shown.at(-1)?.replace(/…$/, "")}…`] : shown;
}
