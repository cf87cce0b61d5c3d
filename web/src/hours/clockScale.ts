import { scaleTime } from "d3-scale";
import type { Adaptation, OutcomeView } from "../api/types";

const HOUR = 3_600_000;
const LONGEST_SHOWN = 14;
/** So that the first and last hour are written out whole. */
const EDGE = 20;

/** When the pot is on in this outcome; where no plan works, as early as any that does, so that the bands compare. */
export function startOf(outcome: OutcomeView, fallback: number): number {
  return outcome.switchOn === "" ? fallback : Date.parse(outcome.switchOn);
}

/** One clock for all bands, from the first switching-on to an hour after dinner, in a unit-less width. */
export function clockScale(adaptation: Adaptation) {
  const starts = adaptation.outcomes.filter((o) => o.switchOn !== "").map((o) => Date.parse(o.switchOn));
  const dinner = Date.parse(adaptation.serveAt);
  const first = starts.length > 0 ? Math.min(...starts) : dinner - LONGEST_SHOWN * HOUR;
  const width = 640;
  return {
    width,
    first,
    dinner,
    x: scaleTime()
      .domain([first - 0.25 * HOUR, Math.max(dinner + HOUR, first + 4 * HOUR)])
      .range([EDGE, width - EDGE]),
  };
}
