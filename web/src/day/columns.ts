import type { JobView, RibbonView, WholeDayView } from "../api/types";
import { moment, type Stretch } from "../clock/clockScale";

const GAP = 60 * 60_000;
const ROOM = 8 * 60_000;

export type DayColumn = { name: "before" | "pot" | "plate"; jobs: JobView[]; stretch: Stretch | null };

const from = (job: JobView) => Date.parse(job.from);
const to = (job: JobView) => Date.parse(job.to);

/** The jobs as they come together: what is done before the pot is on, while it is, and from there to the fridge. */
export function columnsOf(day: WholeDayView, ribbon: RibbonView): DayColumn[] {
  const on = moment(ribbon.switchOn) ?? 0;
  const serve = Date.parse(ribbon.serve);
  const jobs = [...day.jobs].sort((a, b) => from(a) - from(b));
  const before = jobs.filter((job) => from(job) < on);
  const after = jobs.filter((job) => from(job) >= on);
  // Back from dinner, as long as there is no hour without work.
  let first = after.findIndex((job) => to(job) >= serve - GAP);
  while (first > 0 && from(after[first] as JobView) - Math.max(...after.slice(0, first).map(to)) < GAP) {
    first -= 1;
  }
  const plate = first < 0 ? [] : after.slice(first);
  const pot = first < 0 ? after : after.slice(0, first);
  const stretch = (of: JobView[], ends: number[]): Stretch | null => {
    const edges = [...of.map(from), ...of.map(to), ...ends];
    return of.length === 0 ? null : { from: Math.min(...edges) - ROOM, to: Math.max(...edges) + ROOM };
  };
  return [
    { name: "before", jobs: before, stretch: stretch(before, [on]) },
    { name: "pot", jobs: pot, stretch: stretch(pot, []) },
    { name: "plate", jobs: plate, stretch: stretch(plate, [serve]) },
  ];
}

/** Jobs in as few lines as they need without lying on each other. */
export function lines(jobs: JobView[]): JobView[][] {
  const rows: JobView[][] = [];
  for (const job of jobs) {
    const free = rows.find((row) => Date.parse(row.at(-1)?.to ?? "") <= from(job));
    free ? free.push(job) : rows.push([job]);
  }
  return rows.length > 0 ? rows : [[]];
}
