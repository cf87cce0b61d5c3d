import { scaleTime } from "d3-scale";
import type { WholeDayView } from "../api/types";

const MINUTE = 60_000;
/** An unattended stretch longer than this is drawn narrower. */
const LONG = 90 * MINUTE;
const WORKING = 7;
const WAITING = 1;

/** A clock that gives the busy stretches their room and passes quickly over the hours in which only the pot works. */
export function dayScale(day: WholeDayView, width: number) {
  const from = Date.parse(day.from);
  const to = Date.parse(day.to);
  const edges = new Set([from, to]);
  for (const job of day.jobs) {
    edges.add(Math.max(from, Date.parse(job.from) - 10 * MINUTE));
    edges.add(Math.min(to, Date.parse(job.to) + 10 * MINUTE));
  }
  const sorted = [...edges].sort((a, b) => a - b);
  const busy = (a: number, b: number) => day.jobs.some((job) => Date.parse(job.from) < b && Date.parse(job.to) > a);
  const domain = [from];
  const range = [0];
  let at = 0;
  for (let index = 1; index < sorted.length; index += 1) {
    const [a = from, b = to] = [sorted[index - 1], sorted[index]];
    at += (b - a) * (b - a > LONG && !busy(a, b) ? WAITING : WORKING);
    domain.push(b);
    range.push(at);
  }
  return scaleTime()
    .domain(domain)
    .range(range.map((value) => (width * value) / Math.max(1, at)));
}
