import { useContext } from "react";
import { Link } from "react-router";
import { useTick } from "../api/queries";
import type { TodayView } from "../api/types";
import { Ticked } from "../kit/Ticked";
import { ToastContext } from "../kit/toast";

/** One list of what is to do, over all braises, from now to the fridge. */
export function Jobs({ today }: { today: TodayView }) {
  const tick = useTick();
  const say = useContext(ToastContext);
  const several = new Set(today.jobs.map((job) => job.braiseId)).size > 1;
  return (
    <section aria-labelledby="jobs">
      <h3 id="jobs" className="border-b-2 border-rim text-lg font-bold text-rim">
        {today.jobs.length === 0
          ? "Nothing to do"
          : `${today.jobsOf === "Today" ? "From now to the fridge" : today.jobsOf}`}
      </h3>
      <ol>
        {today.jobs.map((job, index) => (
          <li
            key={`${job.braiseId} ${job.at} ${job.text}`}
            className={`grid grid-cols-[minmax(5.4rem,auto)_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-line py-0.5 ${index === 0 ? "text-lg" : ""}`}
          >
            <span className="flex items-center justify-end gap-1.5">
              {job.job !== "" && (
                <Ticked
                  done={false}
                  due={false}
                  label={job.text}
                  onChange={() =>
                    tick.mutate(
                      { braiseId: job.braiseId, job: job.job, text: job.text, is: "done" },
                      {
                        onSuccess: () =>
                          say({
                            text: `Done: ${job.text}`,
                            action: {
                              label: "Undo",
                              run: () =>
                                tick.mutate({ braiseId: job.braiseId, job: job.job, text: job.text, is: "taken-back" }),
                            },
                          }),
                        onError: (error) => say({ text: `Not noted. ${error.message}` }),
                      },
                    )
                  }
                />
              )}
              <time dateTime={job.at} className="text-right font-bold text-rim">
                {job.clock}
              </time>
            </span>
            <span className="min-w-0">
              <Link
                to={
                  job.cookId !== ""
                    ? `/cooks/${job.cookId}`
                    : `/braises/${job.braiseId}/${job.job === "" ? "stove" : "day"}`
                }
                className={`text-ink hover:underline ${job.hands ? "font-semibold" : ""}`}
              >
                {job.text}
              </Link>
              {several && <span className="block truncate text-xs text-soft">{job.title}</span>}
            </span>
            <span className="text-right text-sm text-soft">
              {job.minutes > 0 && `${job.minutes} min `}
              <span className="font-semibold">{job.hands ? job.who : "by itself"}</span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
