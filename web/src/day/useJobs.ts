import type { JobView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { localMoment } from "../clock/localMoment";
import { useClock } from "../clock/useClock";
import { saidNear } from "./saidNear";

/** What a cook may do about a job's time. The pot's loading and the plate are not pinned: they are the start and dinner. */
export function useJobs() {
  const { draft, change } = useBraisePlace();
  const { zone } = useClock();
  const length = (job: JobView) => Date.parse(job.to) - Date.parse(job.from);
  const pin = (job: JobView, at: string) =>
    change({ pins: [...draft.pins.filter((one) => one.job !== job.id), { job: job.id, at }] });
  const start = (at: string) => change({ handling: { ...draft.handling, start: at } });
  const release = (job: JobView) => change({ pins: draft.pins.filter((one) => one.job !== job.id) });
  const move = (job: JobView, milliseconds: number) => {
    if (job.id === "load") {
      start(localMoment(milliseconds + length(job), zone));
    } else if (job.id === "plate") {
      change({ serveAt: localMoment(milliseconds + length(job), zone) });
    } else {
      pin(job, localMoment(milliseconds, zone));
    }
  };
  return {
    zone,
    move,
    release,
    /** As typed, on the day of the job. */
    type: (job: JobView, typed: string) => {
      const [date = "", time = ""] = localMoment(Date.parse(job.from), zone).split("T");
      const at = `${date}T${saidNear(typed, Number.parseInt(time, 10))}`;
      job.id === "load" ? start(at) : job.id === "plate" ? change({ serveAt: at }) : pin(job, at);
    },
    keep: (job: JobView) => (job.pinned ? release(job) : move(job, Date.parse(job.from))),
  };
}
