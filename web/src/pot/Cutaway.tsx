import type { LevelView, PotView } from "../api/types";
import { useDrag } from "../kit/useDrag";
import { Layers } from "./Layers";

const RIGHT_FILL = 0.75;
const WALL = 0.9;
const MARGIN = { side: 3.2, top: 2.5, bottom: 1.6 };

/**
 * The insert cut open along its length, to scale in centimetres: roots, meat, liquid when loaded and at the end, fat.
 *
 * The level can be dragged, or moved with the arrow keys, from one school to the next.
 */
export function Cutaway({
  pot,
  levels,
  school,
  onSchool,
}: {
  pot: PotView;
  levels: LevelView[];
  school: string;
  onSchool: (school: string) => void;
}) {
  const { depth, width } = pot;
  const nearest = (height: number) =>
    levels.reduce<LevelView | undefined>(
      (best, one) => (best === undefined || Math.abs(one.level - height) < Math.abs(best.level - height) ? one : best),
      undefined,
    );
  const drag = useDrag((at) => {
    const there = nearest(depth - at.y);
    if (there !== undefined && there.value !== school) {
      onSchool(there.value);
    }
  });
  const held = drag.at === null ? undefined : nearest(depth - drag.at.y);
  const level = held?.level ?? pot.level;
  const place = levels.findIndex((one) => one.value === school);
  const step = (by: number) => {
    const next = levels[Math.min(levels.length - 1, Math.max(0, place + by))];
    if (next !== undefined && next.value !== school) {
      onSchool(next.value);
    }
  };
  const end = depth - pot.levelAtEnd;
  return (
    <svg
      ref={drag.svg}
      viewBox={`${-MARGIN.side} ${-MARGIN.top} ${width + 2 * MARGIN.side} ${depth + MARGIN.top + MARGIN.bottom}`}
      className="block h-auto max-h-72 w-full select-none"
    >
      <title>{pot.text}</title>
      <defs>
        <clipPath id="inside">
          <path
            d={`M0 0 H${width} V${depth - 2} Q${width} ${depth} ${width - 2} ${depth} H2 Q0 ${depth} 0 ${depth - 2}z`}
          />
        </clipPath>
        <pattern id="ripples" width="2" height="0.8" patternUnits="userSpaceOnUse">
          <rect width="2" height="0.8" fill="var(--liquid)" opacity="0.35" />
          <path d="M0 .4 q.5 -.35 1 0 t1 0" stroke="var(--liquid)" strokeWidth=".12" fill="none" />
        </pattern>
      </defs>
      <g clipPath="url(#inside)">
        <rect x={0} y={depth - level} width={width} height={Math.max(0, level)} fill="url(#ripples)" />
        <Layers pot={pot} />
        <rect x={0} y={depth - level} width={width} height={Math.max(0, level)} fill="var(--liquid)" opacity="0.22" />
        {pot.fat > 0.05 && (
          <rect x={0} y={end - pot.fat} width={width} height={pot.fat} fill="var(--attention)" opacity="0.8" />
        )}
      </g>
      <line
        x1={-0.6}
        x2={width + 0.6}
        y1={end}
        y2={end}
        stroke="var(--liquid)"
        strokeWidth=".25"
        strokeDasharray=".9 .7"
      />
      <path
        d={`M${-WALL} -.4 H0 V${depth - 2} Q0 ${depth} 2 ${depth} H${width - 2} Q${width} ${depth} ${width} ${depth - 2} V-.4 H${width + WALL} V${depth - 1.6} Q${width + WALL} ${depth + WALL} ${width - 2} ${depth + WALL} H2 Q${-WALL} ${depth + WALL} ${-WALL} ${depth - 1.6}z`}
        fill="var(--rim)"
      />
      <rect x={-WALL - 0.5} y={-1.5} width={width + 2 * WALL + 1} height={1} rx={0.5} fill="var(--rim)" />
      <line
        x1={-2.2}
        x2={-WALL}
        y1={depth * (1 - RIGHT_FILL)}
        y2={depth * (1 - RIGHT_FILL)}
        stroke="var(--heat)"
        strokeWidth=".3"
      />
      <text x={-MARGIN.side} y={depth * (1 - RIGHT_FILL) - 0.4} fontSize="1.3" fill="var(--heat)">
        ¾
      </text>
      {Math.abs(level - pot.levelAtEnd) > 1.2 && (
        <text x={width + WALL + 0.3} y={end + 0.4} fontSize="1.15" fill="var(--ink)">
          end
        </text>
      )}
      <g
        {...drag.handle}
        role="slider"
        tabIndex={0}
        aria-label="Level when loaded"
        aria-orientation="vertical"
        aria-valuemin={0}
        aria-valuemax={Math.max(0, levels.length - 1)}
        aria-valuenow={Math.max(0, place)}
        aria-valuetext={levels[place] ? `${levels[place].label}, ${levels[place].loadText}` : ""}
        className="cursor-ns-resize"
        onKeyDown={(event) => {
          const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
          if (by !== undefined) {
            event.preventDefault();
            step(by);
          }
        }}
      >
        <rect x={-1} y={depth - level - 1.1} width={width + 4} height={2.2} fill="transparent" />
        <line
          x1={-0.6}
          x2={width + 0.6}
          y1={depth - level}
          y2={depth - level}
          stroke="var(--liquid)"
          strokeWidth={held ? 0.6 : 0.35}
        />
        <path d={`M${width + 0.9} ${depth - level} l1.6 -0.9 v1.8z`} fill="var(--rim)" />
      </g>
      {held && (
        <text
          x={width / 2}
          y={Math.max(1, depth - level - 0.7)}
          textAnchor="middle"
          fontSize="1.3"
          fontWeight="700"
          fill="var(--ink)"
        >
          {held.label}
        </text>
      )}
    </svg>
  );
}
