import { useTick } from "../api/queries";
import type { JobView, WholeDayView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Ticked } from "../kit/Ticked";
import { JobTime } from "./JobTime";
import { useJobs } from "./useJobs";

/** Switched on, and what the fork says: asked there, with what they mean. */
const ANSWERED_AT_THE_STOVE = ["load", "fork-test"];

/** Jobs in order, each with its number in the drawing, its time, and whether it stays there. */
export function JobList({
  jobs,
  day,
  label,
  now,
  numberOf,
  pointed,
  compact = false,
  onPoint,
}: {
  jobs: JobView[];
  day: WholeDayView;
  label: string;
  now: number;
  numberOf: (job: JobView) => number;
  pointed: JobView | null;
  compact?: boolean;
  onPoint: (job: JobView | null) => void;
}) {
  const { type, keep, release } = useJobs();
  const { view } = useBraisePlace();
  const tick = useTick();
  const alone = day.people.length < 2;
  return (
    <ol aria-label={label} className="border-t-2 border-rim">
      {jobs.map((job) => {
        const past = Date.parse(job.to) <= now || job.state === "done";
        return (
          <li
            key={job.id}
            data-job={job.id}
            onPointerEnter={() => onPoint(job)}
            onPointerLeave={() => onPoint(null)}
            className={`group grid ${compact ? "grid-cols-[auto_minmax(2.9rem,auto)_minmax(0,1fr)_auto]" : "grid-cols-[auto_minmax(3.4rem,auto)_minmax(0,1fr)_auto]"} items-baseline ${compact ? "gap-x-1.5" : "gap-x-2"} border-b border-line py-0.5 ${past ? "text-soft" : ""} ${pointed?.id === job.id ? "bg-changed" : ""}`}
          >
            <span className="flex items-center gap-1">
              {!compact && (
                <span className="w-5 shrink-0 text-right text-xs whitespace-nowrap text-soft">{numberOf(job)}</span>
              )}
              {ANSWERED_AT_THE_STOVE.includes(job.id) ? (
                <span className="w-6" />
              ) : (
                <Ticked
                  done={job.state === "done"}
                  due={job.state === "due"}
                  label={job.text}
                  onChange={(done) =>
                    tick.mutate({ braiseId: view.id, job: job.id, text: job.text, is: done ? "done" : "taken-back" })
                  }
                />
              )}
            </span>
            <JobTime job={job} onType={(typed) => type(job, typed)} />
            <span className="min-w-0 leading-tight">
              <span className={job.hands ? "font-semibold" : ""}>{job.text}</span>
              {job.doneAt !== "" && <span className="text-xs text-done"> done {job.doneAt}</span>}
              {job.refused !== "" && (
                <span role="status" className="block text-sm font-semibold text-heat">
                  ▲ Not when you set it: {job.refused}.{" "}
                  <button type="button" className="link" onClick={() => release(job)}>
                    leave it to the plan
                  </button>
                </span>
              )}
              {job.waits !== "" && <span className="hidden text-xs text-soft group-hover:block">{job.waits}</span>}
            </span>
            <span className="flex items-baseline gap-x-1 text-right text-xs text-soft">
              <span className={compact ? "flex flex-col leading-tight" : ""}>
                <span className="whitespace-nowrap">{job.minutes} min</span>{" "}
                {job.hands ? (alone ? "" : compact ? job.person.slice(0, 1) : job.person) : compact ? "" : "by itself"}
              </span>
              {job.id !== "load" && job.id !== "plate" && (!compact || job.pinned) && (
                <button
                  type="button"
                  aria-pressed={job.pinned}
                  // On a table the bar in the drawing does the same by Enter.
                  tabIndex={compact ? 0 : -1}
                  title={job.pinned ? "stays at this time; press to leave it to the plan" : "stay at this time"}
                  className={`inline-flex size-6 items-center justify-center rounded ${job.pinned ? "bg-attention font-bold text-[#14243c]" : "text-soft hover:bg-sunk"}`}
                  onClick={() => keep(job)}
                >
                  <span aria-hidden="true">{job.pinned ? "●" : "○"}</span>
                  <span className="sr-only">stay at this time: {job.text}</span>
                </button>
              )}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
