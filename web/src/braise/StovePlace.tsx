import { useContext } from "react";
import { Link, Navigate } from "react-router";
import { boxOfBraise, type Entry } from "../api/outbox";
import { useTick } from "../api/queries";
import type { JobView } from "../api/types";
import { useOutbox } from "../api/useOutbox";
import { PlaceHeading } from "../app/PlaceHeading";
import { SwitchOn } from "../day/SwitchOn";
import { Button } from "../kit/Button";
import { KeptHere } from "../kit/KeptHere";
import { Ticked } from "../kit/Ticked";
import { ToastContext } from "../kit/toast";
import { useBraisePlace } from "./BraiseContext";

/** The jobs as the server said them last, with what has been ticked here since. */
function withWaiting(jobs: JobView[], waiting: Entry[]): JobView[] {
  const ticked = new Map(waiting.filter((one) => one.path === "ticks").map((one) => [one.body.job, one.body.is]));
  return jobs.map((job) =>
    ticked.has(job.id) ? { ...job, state: ticked.get(job.id) === "done" ? "done" : "planned" } : job,
  );
}

/** The stove from the first job on: what is to be done now, and what comes after it, up to switching on. */
export function StovePlace() {
  const { view, adaptation } = useBraisePlace();
  const tick = useTick();
  const say = useContext(ToastContext);
  const box = useOutbox(boxOfBraise(view.id));
  if (view.cookId !== null) {
    return <Navigate to={`/cooks/${view.cookId}`} replace />;
  }
  const jobs = withWaiting(adaptation?.wholeDay?.jobs ?? [], box.entries);
  const load = jobs.findIndex((job) => job.id === "load");
  const before = load < 0 ? [] : jobs.slice(0, load);
  const now = Date.parse(adaptation?.ribbon.now ?? "");
  const under = before.find((job) => job.state !== "done" && Date.parse(job.to) > now);
  const last = before.findLast((job) => job.state === "due");
  const next = under ?? (last !== undefined && adaptation?.followed?.state !== "begun" ? last : undefined);
  const mark = (job: JobView, is: "done" | "not-yet" | "taken-back") =>
    tick.mutate(
      { braiseId: view.id, job: job.id, text: job.text, is },
      {
        onSuccess: () =>
          say({
            text: is === "done" ? `Done: ${job.text}` : `Not yet: ${job.text}`,
            action: {
              label: "Undo",
              run: () => tick.mutate({ braiseId: view.id, job: job.id, text: job.text, is: "taken-back" }),
            },
          }),
        onError: (error) => say({ text: `Not noted. ${error.message}` }),
      },
    );
  return (
    <div className="mx-auto grid max-w-3xl gap-4 pt-3">
      <PlaceHeading className="sr-only">The stove: the pot is not on yet</PlaceHeading>
      <KeptHere box={box} />
      {next && (
        <section aria-label="Next">
          <p className="text-6xl leading-none font-extrabold text-rim" data-testid="next-clock">
            {next.clock}
          </p>
          <p className="mt-1 text-3xl leading-tight font-bold" data-testid="next-text">
            {next.text}
          </p>
          <p className="text-xl text-soft">
            {next.minutes} min{next.person === "" ? "" : `, ${next.person}`}
          </p>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button weight="main" className="min-h-14 grow text-xl" onClick={() => mark(next, "done")}>
              Done
            </Button>
            <Button className="min-h-14 text-xl" onClick={() => mark(next, "not-yet")}>
              Not yet
            </Button>
          </div>
        </section>
      )}
      {adaptation?.followed?.moved && (
        <p role="status" className="border-y-2 border-line py-2 text-xl font-semibold" data-testid="headline">
          {adaptation.followed.moved}
        </p>
      )}
      <SwitchOn large />
      {before.length > 0 && (
        <ol aria-label="Before the pot is on" className="border-t-2 border-rim text-lg">
          {before.map((job) => (
            <li key={job.id} className="flex items-center gap-3 border-b border-line py-1">
              <Ticked
                large
                done={job.state === "done"}
                due={job.state === "due"}
                label={job.text}
                onChange={(done) => mark(job, done ? "done" : "taken-back")}
              />
              <time dateTime={job.from} className="w-16 shrink-0 text-right font-bold text-rim">
                {job.clock}
              </time>
              <span className={job.state === "done" ? "text-soft" : ""}>{job.text}</span>
            </li>
          ))}
        </ol>
      )}
      <p className="text-sm">
        <Link to={`/braises/${view.id}/after`} className="link">
          Its pages in the notebook
        </Link>
      </p>
    </div>
  );
}
