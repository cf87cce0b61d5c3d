import { useRef } from "react";
import type { Adaptation, LevelView } from "../api/types";
import { useClock } from "../clock/useClock";
import { useDrag } from "../kit/useDrag";
import { useWidth } from "../kit/useWidth";
import { PotPicture, potGeometry } from "./PotPicture";

const HEADROOM_PX = 58;
const HOUR = 3_600_000;

/** The pot of the way that is taken, as loaded or at the moment that is looked at; its level can be dragged to another school. */
export function PotNow({
  adaptation,
  before,
  at,
  school,
  most,
  margin,
  onSchool,
}: {
  adaptation: Adaptation;
  before: Adaptation | null;
  at: number | null;
  school: string;
  most: number;
  margin: number;
  onSchool?: (school: string) => void;
}) {
  const [box, width] = useWidth<HTMLDivElement>(700);
  const clock = useClock();
  const { pot, levels } = adaptation;
  const geometry = potGeometry(pot, width, most, margin);
  const outcome = adaptation.outcomes.find((one) => one.chosen);
  const on = outcome && outcome.switchOn !== "" ? Date.parse(outcome.switchOn) : null;
  const hours = at === null || on === null ? null : (at - on) / HOUR;
  const moment = hours === null || hours < 0 ? undefined : outcome?.curve.findLast((one) => one.hour <= hours);
  const nearest = (height: number) =>
    levels.reduce<LevelView | undefined>(
      (best, one) => (best === undefined || Math.abs(one.level - height) < Math.abs(best.level - height) ? one : best),
      undefined,
    );
  const heightAt = (y: number) => pot.depth - (y - geometry.top) / geometry.scale;
  const drag = useDrag((where) => {
    const there = nearest(heightAt(where.y));
    if (there !== undefined && there.value !== school) {
      onSchool?.(there.value);
    }
  });
  const held = drag.at === null ? undefined : nearest(heightAt(drag.at.y));
  const level = moment?.level ?? held?.level ?? pot.level;
  const late = moment !== undefined && moment.hour > 2;
  const free = (pot.depth - Math.max(pot.vegetables + pot.meat, level)) * geometry.scale;
  const title = useRef<SVGTextElement>(null);
  const heat = outcome === undefined ? 0 : ({ low: 1, medium: 2, high: 2 }[outcome.setting] ?? 2);
  const wall = geometry.left + pot.width * geometry.scale + 0.47 * geometry.scale;
  return (
    <div ref={box} data-effect="pot">
      <svg
        ref={drag.svg}
        width={width}
        height={geometry.height}
        className="block max-w-full overflow-visible select-none"
      >
        <title>{pot.text}</title>
        <PotPicture
          pot={pot}
          geometry={geometry}
          level={level}
          end={moment === undefined ? pot.levelAtEnd : null}
          was={before !== null && moment === undefined ? before.pot.level : null}
          tender={moment?.tender ?? 0}
          fat={late ? pot.fat : 0}
          heat={moment === undefined || (on !== null && at !== null && at < on) ? heat : heat}
        />
        {free > HEADROOM_PX && (
          <g textAnchor="middle" className="pointer-events-none">
            <text ref={title} x={width / 2} y={geometry.top + Math.min(52, free * 0.42)} fontSize="26" fontWeight="700">
              {at === null || moment === undefined ? pot.fillText : clock.time(at)}
            </text>
            <text
              x={width / 2}
              y={geometry.top + Math.min(52, free * 0.42) + 21}
              fontSize="14"
              style={{ fill: "var(--soft)" }}
            >
              {moment?.text ?? pot.heightText}
            </text>
          </g>
        )}
        {onSchool && (
          <g {...drag.handle} className="cursor-ns-resize">
            <rect x={wall - 24} y={geometry.y(level) - 18} width={48} height={36} fill="transparent" />
            <rect
              x={wall - 17}
              y={geometry.y(level) - 11}
              width={34}
              height={22}
              rx="11"
              fill="var(--panel)"
              stroke="var(--rim)"
              strokeWidth="2.4"
            />
            <path
              d={`M${wall - 5} ${geometry.y(level) - 2}l5 -5l5 5M${wall - 5} ${geometry.y(level) + 2}l5 5l5 -5`}
              fill="none"
              stroke="var(--rim)"
              strokeWidth="1.7"
            />
          </g>
        )}
        {held && (
          <text x={width / 2} y={geometry.y(level) - 8} textAnchor="middle" fontSize="15" fontWeight="700">
            {held.label}, {held.loadText}
          </text>
        )}
      </svg>
    </div>
  );
}
