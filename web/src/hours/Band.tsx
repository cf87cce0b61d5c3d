import { line } from "d3-shape";
import { useHouse } from "../api/queries";
import type { CurvePoint, OutcomeView } from "../api/types";
import { useDrag } from "../kit/useDrag";
import { type clockScale, startOf } from "./clockScale";
import { DinnerHandle } from "./DinnerHandle";

const HOUR = 3_600_000;
const STEP = 5 * 60_000;
const HEIGHT = 136;
const BAR = { top: 20, height: 24 };
const CURVE = { top: 50, height: 66 };
const SAFETY_HOURS = 4;
const BOILING = 100;

/** Heating, then ever more tender, with the window's spread; under it the liquid's and the core's temperature. */
export function Band({
  outcome,
  scale,
  looks,
  dinner,
  onDinner,
}: {
  outcome: OutcomeView;
  scale: ReturnType<typeof clockScale>;
  looks: number[];
  dinner: number;
  onDinner: (milliseconds: number) => void;
}) {
  const rounded = (x: number) => Math.round(scale.x.invert(x).getTime() / STEP) * STEP;
  const drag = useDrag((where) => onDinner(rounded(where.x)));
  const house = useHouse().data;
  const start = startOf(outcome, scale.first);
  const at = (hour: number) => scale.x(start + hour * HOUR);
  const end = scale.width;
  const level = (name: string) => outcome.windows.find((window) => window.level === name);
  const slices = level("slices");
  const fork = level("fork");
  const pulls = level("pulls");
  const past = level("past");
  const y = (celsius: number) => CURVE.top + CURVE.height * (1 - celsius / BOILING);
  const path = (pick: (point: CurvePoint) => number) =>
    line<CurvePoint>(
      (point) => at(point.hour),
      (point) => y(pick(point)),
    )(outcome.curve.filter((point) => at(point.hour) <= end)) ?? "";
  const span = (from: number | null | undefined, to: number | null | undefined) => {
    const left = Math.min(end, at(from ?? 99));
    return { x: left, width: Math.max(0, Math.min(end, at(to ?? 99)) - left) };
  };
  const hours = scale.x.ticks(7);
  const format = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    minute: "2-digit",
    hour12: house?.draft.clock === "12",
    ...(house ? { timeZone: house.draft.timeZone } : {}),
  });
  const id = `hatch-${outcome.setting}`;
  return (
    <svg ref={drag.svg} viewBox={`0 0 ${scale.width} ${HEIGHT}`} className="my-1 block h-auto w-full select-none">
      <title>{`${outcome.label}: fork-tender ${fork?.text ?? "not within the time looked at"} after switching on. ${outcome.day}.`}</title>
      <defs>
        <pattern id={id} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="9" height="9" fill="var(--done-wash)" />
          <line x1="0" y1="0" x2="0" y2="9" stroke="var(--done)" strokeWidth="5" />
        </pattern>
        <pattern id={`${id}-past`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="7" height="7" fill="var(--attention-wash)" />
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--attention)" strokeWidth="3" />
        </pattern>
      </defs>
      {hours.map((tick) => (
        <g key={tick.getTime()}>
          <line x1={scale.x(tick)} x2={scale.x(tick)} y1={18} y2={CURVE.top + CURVE.height} stroke="var(--line)" />
          <text x={scale.x(tick)} y={HEIGHT - 4} textAnchor="middle" fontSize="14" fill="var(--soft)">
            {format.format(tick)}
          </text>
        </g>
      ))}
      <rect
        {...span(0, slices?.earliest)}
        y={BAR.top}
        height={BAR.height}
        fill="var(--heat-wash)"
        stroke="var(--heat)"
      />
      <text x={at(0) + 6} y={BAR.top + 17} fontSize="14" fill="var(--heat)">
        {span(0, slices?.earliest).width > 180 ? "heating and turning tender" : "heating"}
      </text>
      <rect
        {...span(slices?.earliest, pulls?.latest)}
        y={BAR.top}
        height={BAR.height}
        fill="var(--done-wash)"
        stroke="var(--done)"
      />
      <rect
        {...span(fork?.earliest, fork?.latest)}
        y={BAR.top}
        height={BAR.height}
        fill={`url(#${id})`}
        stroke="var(--done)"
        strokeWidth="2"
      />
      {past?.earliest != null && (
        <rect
          {...span(Math.max(past.earliest, fork?.latest ?? 0), 99)}
          y={BAR.top}
          height={BAR.height}
          fill={`url(#${id}-past)`}
          stroke="var(--attention)"
        />
      )}
      {fork?.likely != null && at(fork.likely) <= end && (
        <g>
          <path d={`M${at(fork.likely) - 7} ${BAR.top - 9} h14 l-7 9z`} fill="var(--done)" />
          <line
            x1={at(fork.likely)}
            x2={at(fork.likely)}
            y1={BAR.top}
            y2={BAR.top + BAR.height}
            stroke="var(--done)"
            strokeWidth="3"
          />
        </g>
      )}
      <line x1={0} x2={end} y1={y(60)} y2={y(60)} stroke="var(--heat)" strokeDasharray="4 5" />
      <text x={2} y={y(60) - 4} fontSize="13" fill="var(--heat)">
        60 °C
      </text>
      <line
        x1={at(SAFETY_HOURS)}
        x2={at(SAFETY_HOURS)}
        y1={CURVE.top - 4}
        y2={CURVE.top + CURVE.height}
        stroke="var(--heat)"
        strokeWidth="2"
      />
      <text x={at(SAFETY_HOURS) + 5} y={CURVE.top + CURVE.height - 4} fontSize="13" fill="var(--heat)">
        4 h limit
      </text>
      <path d={path((point) => point.pot)} fill="none" stroke="var(--liquid)" strokeWidth="2.5" />
      <path d={path((point) => point.core)} fill="none" stroke="var(--meat)" strokeWidth="2.5" strokeDasharray="7 3" />
      {looks.map((hour) => (
        <g key={hour}>
          <path
            d={`M${at(hour)} ${CURVE.top} l-6 -9 h12z`}
            fill="var(--attention)"
            stroke="var(--ink)"
            strokeWidth=".6"
          />
          <line
            x1={at(hour)}
            x2={at(hour)}
            y1={CURVE.top}
            y2={CURVE.top + CURVE.height}
            stroke="var(--attention)"
            strokeWidth="1.5"
          />
        </g>
      ))}
      <DinnerHandle
        scale={scale}
        bottom={CURVE.top + CURVE.height}
        held={drag.at === null ? null : scale.x(rounded(drag.at.x))}
        dinner={dinner}
        clock={format.format(drag.at === null ? dinner : rounded(drag.at.x))}
        drag={drag.handle}
        onMove={onDinner}
      />
    </svg>
  );
}
