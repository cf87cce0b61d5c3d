import type { SumView } from "../api/types";
import { useWidth } from "./useWidth";

const ROW = 34;
const VALUE = 74;

/** A sum as its terms, each from where the last one ended, on one scale. */
export function Waterfall({ sum }: { sum: SumView }) {
  const [box, width] = useWidth<HTMLDivElement>(360);
  const text = Math.min(190, width * 0.46);
  const room = width - text - VALUE;
  let at = 0;
  const rows = sum.terms.map((term) => {
    const from = at;
    at += term.number;
    return { term, from, to: at };
  });
  const ends = [0, ...rows.map((row) => row.to)];
  const [least, most] = [Math.min(...ends), Math.max(...ends)];
  const x = (value: number) => text + (room * (value - least)) / Math.max(1e-9, most - least);
  const height = rows.length * ROW + 28;
  return (
    <div ref={box} className="my-1">
      <svg aria-hidden="true" width={width} height={height} className="block max-w-full">
        {rows.map(({ term, from, to }, index) => {
          const y = index * ROW;
          const up = to >= from;
          return (
            <g key={`${term.text}${term.rule}`}>
              <rect
                x={Math.min(x(from), x(to))}
                y={y + 6}
                width={Math.max(1.5, Math.abs(x(to) - x(from)))}
                height={16}
                fill={up ? "var(--changed)" : "var(--heat-wash)"}
                stroke={up ? "var(--rim)" : "var(--heat)"}
              />
              <path d={`M${x(to)} ${y + 22}v${ROW - 16}`} stroke="var(--rim)" />
              <text x={Math.max(x(from), x(to)) + 6} y={y + 19} fontSize="13" fontWeight="600">
                {term.value}
              </text>
            </g>
          );
        })}
        <rect
          x={Math.min(x(0), x(sum.number))}
          y={rows.length * ROW + 4}
          width={Math.max(2, Math.abs(x(sum.number) - x(0)))}
          height={18}
          fill="var(--rim)"
        />
        <text x={Math.max(x(0), x(sum.number)) + 6} y={rows.length * ROW + 18} fontSize="13" fontWeight="700">
          {sum.total}
        </text>
      </svg>
      <dl className="-mb-1" style={{ marginTop: -height, width: text - 8 }}>
        {rows.map(({ term }) => (
          <div
            key={`${term.text}${term.rule}`}
            className="overflow-hidden text-xs leading-tight"
            style={{ height: ROW }}
          >
            <dt className="truncate">{term.text}</dt>
            <dd className="truncate text-soft" title={term.rule}>
              <span className="sr-only">{term.value}, </span>
              {term.rule}
            </dd>
          </div>
        ))}
        <div className="text-xs font-bold" style={{ height: 28 }}>
          <dt>together</dt>
          <dd className="sr-only">{sum.total}</dd>
        </div>
      </dl>
    </div>
  );
}
