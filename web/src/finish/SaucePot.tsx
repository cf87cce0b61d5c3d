import type { FinishView, PotView } from "../api/types";
import { Moved } from "../kit/Moved";
import { useDrag } from "../kit/useDrag";
import { useWidth } from "../kit/useWidth";
import { PotPicture, potGeometry } from "../pot/PotPicture";
import type { Asked } from "./Finish";

const KNOB = 36;
const STEP = 0.02;
const STEPS: Record<string, number> = { ArrowUp: STEP, ArrowDown: -STEP, PageUp: 5 * STEP, PageDown: -5 * STEP };

/** The insert as it stands, its level's handle on the wall: dragged to what is seen, or the figure typed. */
export function SaucePot({
  pot,
  finish,
  asked,
  problem,
  onLevel,
  onLeft,
}: {
  pot: PotView;
  finish: FinishView;
  asked: Asked;
  problem: string | undefined;
  onLevel: (level: number) => void;
  onLeft: (left: string) => void;
}) {
  const [box, width] = useWidth<HTMLDivElement>(358);
  const geometry = potGeometry(pot, width, width > 500 ? 250 : 190, 22);
  const share = (y: number) => Math.min(1, Math.max(0, (geometry.y(0) - y) / (geometry.y(0) - geometry.y(pot.depth))));
  const drag = useDrag((at) => onLevel(share(at.y)));
  const level = drag.at ? share(drag.at.y) : (asked.level ?? finish.level);
  const knob = {
    x: geometry.left + pot.width * geometry.scale + 0.5 * geometry.scale,
    y: geometry.y(level * pot.depth),
  };
  const shownLeft = asked.left === "" ? finish.left : asked.left;
  const shown = { ...pot, meat: finish.lifted ? 0 : pot.meat, leaves: [] };
  return (
    <div ref={box}>
      <div className="mt-1 flex items-center gap-x-3">
        <input
          aria-label="Sauce in the pot"
          aria-invalid={problem ? true : undefined}
          aria-describedby="sauce-note"
          style={{ width: `${Math.max(5, shownLeft.length) + 0.5}ch` }}
          className="figure bg-transparent text-3xl font-extrabold tabular-nums table:text-5xl"
          value={shownLeft}
          maxLength={40}
          onFocus={(event) => event.target.select()}
          onChange={(event) => onLeft(event.target.value)}
        />
        <span
          id="sauce-note"
          className={`min-w-24 flex-1 text-sm leading-tight ${problem ? "text-heat" : "text-soft"}`}
        >
          {problem ? `▲ ${problem}` : <Moved>{finish.note}</Moved>}
        </span>
      </div>
      <svg ref={drag.svg} width={width} height={geometry.height} className="-mt-6 block max-w-full overflow-visible">
        <title>{`In the pot: ${finish.left} ${finish.note}`}</title>
        <PotPicture pot={shown} geometry={geometry} level={level * pot.depth} lid={false} filled={false} />

        <g
          {...drag.handle}
          role="slider"
          tabIndex={0}
          aria-label="How high the sauce stands"
          aria-orientation="vertical"
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={Math.round(100 * level)}
          aria-valuetext={`${finish.left} ${finish.note}`}
          className="cursor-ns-resize"
          transform={`translate(${knob.x} ${knob.y})`}
          onKeyDown={(event) => {
            const step = STEPS[event.key];
            if (step !== undefined) {
              event.preventDefault();
              onLevel(Math.min(1, Math.max(0, level + step)));
            }
          }}
        >
          <rect x={-30} y={-26} width={60} height={52} fill="transparent" />
          <rect
            x={-KNOB / 2 - 3}
            y={-14}
            width={KNOB + 6}
            height={28}
            rx={14}
            fill="var(--panel)"
            stroke="var(--rim)"
            strokeWidth="3"
          />
          <path
            d="M-5 -3l5 -5l5 5M-5 3l5 5l5 -5"
            fill="none"
            stroke="var(--rim)"
            strokeWidth="2.6"
            strokeLinecap="round"
          />
        </g>
      </svg>
    </div>
  );
}
