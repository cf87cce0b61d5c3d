import { scaleTime } from "d3-scale";
import type { WholeDayView } from "../api/types";

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
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

/** Full hours of the day, as many as have room beside each other. */
export function hourTicks(day: WholeDayView, x: (moment: number) => number, nearest: number): number[] {
  const ticks: number[] = [];
  for (let at = Math.ceil(Date.parse(day.from) / HOUR) * HOUR; at <= Date.parse(day.to); at += HOUR) {
    const last = ticks.at(-1);
    if (last === undefined || x(at) - x(last) >= nearest) {
      ticks.push(at);
    }
  }
  return ticks;
}
