import type { JobView, PersonView, WholeDayView } from "../api/types";

export type DayRow = { name: string; jobs: JobView[]; person?: PersonView };

/** Jobs in as few lines as they need without lying on each other. */
export function lines(jobs: JobView[]): JobView[][] {
  const rows: JobView[][] = [];
  for (const job of jobs) {
    const free = rows.find((row) => Date.parse(row.at(-1)?.to ?? "") <= Date.parse(job.from));
    free ? free.push(job) : rows.push([job]);
  }
  return rows.length > 0 ? rows : [[]];
}

/** A row for each cook, then as many as are needed for rings and oven. */
export function rowsOf(day: WholeDayView): DayRow[] {
  const jobs = [...day.jobs, ...day.others.flatMap((other) => other.jobs)].sort(
    (a, b) => Date.parse(a.from) - Date.parse(b.from),
  );
  return [
    ...day.people.map((person) => ({
      name: person.name === "" ? "hands" : person.name,
      person,
      jobs: jobs.filter((job) => job.who === person.id),
    })),
    ...lines(jobs.filter((job) => job.rings > 0)).map((line) => ({ name: "ring", jobs: line })),
    ...lines(jobs.filter((job) => job.ovens > 0)).map((line) => ({ name: "oven", jobs: line })),
  ];
}
