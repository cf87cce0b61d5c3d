import { useHouse } from "../api/queries";
import type { JobView, WholeDayView } from "../api/types";
import { momentOf } from "../hours/localMoment";
import { JobTime } from "./JobTime";

/** What to do in order, the next thing first; what is past is folded away. */
export function JobList({
  day,
  onPin,
  onKeep,
  onRelease,
}: {
  day: WholeDayView;
  onPin: (job: JobView, milliseconds: number) => void;
  onKeep: (job: JobView) => void;
  onRelease: (job: JobView) => void;
}) {
  const house = useHouse().data;
  const now = house === undefined ? 0 : momentOf(house.now, house.draft.timeZone);
  const past = day.jobs.filter((job) => Date.parse(job.to) <= now);
  const ahead = day.jobs.filter((job) => Date.parse(job.to) > now);
  const alone = day.people.length < 2;
  const row = (job: JobView, next: boolean) => (
    <li
      key={job.id}
      className={`grid grid-cols-[4.2rem_1fr_auto] sm:grid-cols-[6.6rem_1fr_auto] items-start gap-x-3 border-b border-line py-1 ${next ? "rounded-t bg-sunk text-lg" : ""}`}
    >
      <JobTime job={job} zone={house?.draft.timeZone} onSet={(at) => onPin(job, at)} />
      <span>
        {next && <strong className="mr-1">Next:</strong>}
        <span className="mr-1.5 inline-block min-w-5 rounded border border-line px-0.5 text-center text-sm text-soft">
          {day.jobs.indexOf(job) + 1}
        </span>
        {job.text} <span className="text-soft">· {job.minutes} min</span>
        {!job.hands && <span className="text-soft"> by itself</span>}
        {!alone && job.person !== "" && <strong className="text-soft"> · {job.person}</strong>}
        {job.waits && <span className="block text-sm text-soft">{job.waits}</span>}
        {job.refused && (
          <span className="block text-sm font-semibold text-heat">
            ▲ Not when you set it: {job.refused}.{" "}
            <button type="button" className="min-h-9 underline underline-offset-4" onClick={() => onRelease(job)}>
              leave it to the plan
            </button>
          </span>
        )}
      </span>
      <button
        type="button"
        className={`min-h-9 rounded px-1.5 text-sm ${job.pinned ? "border-2 border-attention font-semibold text-ink" : "text-soft underline underline-offset-4"}`}
        aria-label={job.pinned ? `kept here: leave to the plan ${job.text}` : `keep here: ${job.text}`}
        onClick={() => (job.pinned ? onRelease(job) : onKeep(job))}
      >
        {job.pinned ? "kept here ×" : "keep"}
      </button>
    </li>
  );
  return (
    <div className="order-first min-w-0 lg:order-none">
      {past.length > 0 && (
        <details className="mb-1">
          <summary className="min-h-9 cursor-pointer content-center font-semibold text-soft">
            {past.length} {past.length === 1 ? "thing is" : "things are"} past
          </summary>
          <ol aria-label="What is past">{past.map((job) => row(job, false))}</ol>
        </details>
      )}
      <ol aria-label="What to do, in order">{ahead.map((job, index) => row(job, index === 0))}</ol>
    </div>
  );
}
