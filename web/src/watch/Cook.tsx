import { useContext, useState } from "react";
import { Link } from "react-router";
import type { Entry } from "../api/outbox";
import { useCatalogue, useForkOutlook } from "../api/queries";
import type { CookView } from "../api/types";
import { useTitle } from "../app/useTitle";
import { Finish } from "../finish/Finish";
import { Button } from "../kit/Button";
import { KeptHere } from "../kit/KeptHere";
import { Moved } from "../kit/Moved";
import { Notice } from "../kit/Notice";
import { ToastContext } from "../kit/toast";
import { useTable } from "../kit/useTable";
import { Act } from "./Act";
import { Flags } from "./Flags";
import { ForkRows } from "./ForkRows";
import { Overdue } from "./Overdue";
import { SomethingElse } from "./SomethingElse";
import { StovePot } from "./StovePot";
import { Timers } from "./Timers";
import { useAwake } from "./useAwake";
import { useBell } from "./useBell";
import { useRecords } from "./useRecords";
import { useTimers } from "./useTimers";

const THEN = 3;

/** The pot as the server told it last; what has been done here since is done, and the fork isn’t asked twice. */
function withWaiting(cook: CookView, waiting: Entry[]): CookView {
  const done = new Set(
    waiting.filter((one) => one.path === "done" && one.body.done !== false).map((one) => one.body.job),
  );
  const tasks = cook.tasks.filter((task) => !done.has(task.job));
  const forked = waiting.some((one) => one.path === "fork-tests");
  return done.size === 0 && !forked
    ? cook
    : {
        ...cook,
        tasks,
        next: cook.next !== null && done.has(cook.next.job) ? (tasks[0] ?? null) : cook.next,
        nextIn: cook.next !== null && done.has(cook.next.job) ? "" : cook.nextIn,
        amounts: cook.next !== null && done.has(cook.next.job) ? [] : cook.amounts,
        takeOuts: cook.next !== null && done.has(cook.next.job) ? [] : cook.takeOuts,
        asksFork: cook.asksFork && !forked,
      };
}

/** At the stove: one act at a time, its clock large, the pot as it probably is, and two words at the bottom. */
export function Cook({ cook: told, stale }: { cook: CookView; stale: boolean }) {
  const records = useRecords(told.id);
  const cook = withWaiting(told, records.waiting);
  const next = cook.next;
  useTitle(next === null || cook.closed ? cook.title : `${next.clock} ${next.text}`);
  useAwake(!cook.closed);
  const table = useTable();
  const timers = useTimers(cook.id);
  const bell = useBell(cook);
  const catalogue = useCatalogue().data;
  const say = useContext(ToastContext);
  const [asking, setAsking] = useState<boolean | null>(null);
  const [closing, setClosing] = useState<boolean | null>(null);
  const eating = cook.followed.state === "eaten" || cook.followed.state === "put-away";
  const cooking = !cook.closed && !cook.stopped && !eating;
  const sauce = cooking && (closing ?? cook.asksSauce);
  const asked = cooking && !sauce && (asking ?? (cook.asksFork && cook.followed.overdue.length === 0));
  const outlook = useForkOutlook(cook.id, asked).data;
  const takeBack = () =>
    records.takeBack().then(
      () => say({ text: "Taken back." }),
      (error: Error) => say({ text: `Not taken back. ${error.message}` }),
    );
  const record = (path: string, body: Record<string, unknown>, text: string) => {
    records.record(path, body, text);
    setAsking(null);
    setClosing(null);
    say({ text: `Noted: ${text}`, action: { label: "Undo", run: takeBack } });
  };
  const done = (job: string, text: string) => record("done", { job }, text);
  const answer = (value: string) =>
    record(
      "fork-tests",
      { answer: value, at: "" },
      `the fork: ${catalogue?.forkAnswers.find((one) => one.value === value)?.label ?? value}`,
    );
  const isTrue = cook.late === "" && cook.followed.overdue.length === 0 && !cook.stopped;
  const fork = cook.windows.find((window) => window.level === "fork");
  const then = cook.tasks.filter((task) => task.at !== next?.at || task.text !== next.text).slice(0, THEN);
  const refusal = records.problem("fork-tests");
  return (
    <div className="mx-auto max-w-6xl">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 table:grid-cols-2">
        <header className="flex items-baseline justify-between gap-4 table:col-span-2">
          <Link to={`/braises/${cook.braiseId}/day`} className="link shrink-0 py-1">
            Leave the stove
          </Link>
          <h1 className="flex min-w-0 gap-1 text-sm text-soft">
            <span className="min-w-0 truncate">
              {cook.title} {cook.serves},
            </span>
            <strong className="shrink-0 tabular-nums">{cook.serveText}</strong>
          </h1>
        </header>
        <div className={`min-w-0 ${sauce ? "table:col-span-2" : ""}`}>
          {stale && (
            <p role="status" className="text-sm font-semibold text-heat">
              <span aria-hidden="true">▲ </span>Not reached. Shown as of {cook.now}, asked again every few seconds.
            </p>
          )}
          <KeptHere box={{ entries: records.waiting, kept: records.kept, failing: records.failing }} />
          {!cook.closed && <Flags flags={cook.flags} onRecord={record} problem={records.problem("facts")} />}
          {cook.closed && (
            <p className="mt-2 text-2xl font-bold">
              Closed.{" "}
              <Link to="/notebook" className="text-rim underline">
                It is in the notebook.
              </Link>{" "}
              <Button
                weight="quiet"
                onClick={() =>
                  records.reopen().catch((error: Error) => say({ text: `Not opened again. ${error.message}` }))
                }
              >
                Open it again
              </Button>
            </p>
          )}
          {sauce && <Finish cook={cook} records={records} onTaken={(body, text) => record("sauce", body, text)} />}
          {!cook.closed && !cook.stopped && !sauce && (
            <Act cook={cook} asked={asked} onDone={done} onRecord={record} timers={timers} />
          )}
          {!cook.closed && <Overdue overdue={cook.followed.overdue} onRecord={record} />}
          <Timers timers={timers} />
          {refusal && (
            <Notice kind="warn" word="Not noted" live>
              {refusal.violations[0]?.message ?? refusal.message}
            </Notice>
          )}
          {!cook.closed && !cook.stopped && !sauce && (
            <StovePot cook={cook} lifted={asked} most={table ? 300 : asked ? 158 : 230} />
          )}
          {!cook.closed && (
            <p
              className={`border-t-2 border-rim pt-1.5 text-lg font-semibold ${sauce || (asked && isTrue && !table) ? "sr-only" : ""}`}
              data-testid="headline"
              role="status"
            >
              <span className={isTrue ? "text-done" : "text-heat"} aria-hidden="true">
                {isTrue ? "✓ " : "▲ "}
              </span>
              <Moved>{cook.headline}</Moved>
            </p>
          )}
          {cook.readiness && !sauce && <p className="text-lg font-semibold text-done">✓ {cook.readiness}</p>}
          {cook.onHigh && !cook.closed && (
            <p>
              {cook.onHigh}{" "}
              <Button className="min-h-11" onClick={() => record("setting", { setting: "high" }, "turned to High")}>
                I turned it to High
              </Button>
            </p>
          )}
          {cook.elsewhere.length > 0 && !cook.closed && (
            <div>
              <p className="font-semibold">Or finish it another way from now:</p>
              <ul className="list-inside list-disc">
                {cook.elsewhere.map((way) => (
                  <li key={way}>{way}</li>
                ))}
              </ul>
            </div>
          )}
        </div>
        <div className={sauce ? "hidden" : "min-w-0"}>
          {asked && catalogue && <ForkRows outlook={outlook} answers={catalogue.forkAnswers} onAnswer={answer} />}
          {!cook.closed && then.length > 0 && (
            <ol aria-label="Then" className={asked && !table ? "" : "mt-2 border-t-2 border-rim"}>
              {then.slice(0, asked ? 1 : THEN).map((task) => (
                <li
                  key={task.kind + task.job + task.at}
                  className="flex gap-3 border-b border-line py-1.5 last:border-0"
                >
                  <time dateTime={task.at} className="w-14 shrink-0 font-bold text-rim tabular-nums">
                    {task.clock}
                  </time>
                  <span className="min-w-0 flex-1">{task.text}</span>
                  <span className="shrink-0 text-sm text-soft">{task.who}</span>
                </li>
              ))}
            </ol>
          )}
          {!cook.closed && (
            <p className="py-1 text-sm text-soft">
              On since {cook.switchedOn}. Fork-tender after <strong data-testid="fork-window">{fork?.text}</strong>.{" "}
              {asked ? "" : cook.lidCost}
            </p>
          )}
        </div>
      </div>
      {!cook.closed && (
        <nav
          aria-label="At the stove"
          className="sticky bottom-0 flex items-center justify-between gap-4 border-t border-line bg-ground py-2 text-xl"
        >
          {asked || sauce ? (
            <button
              type="button"
              className="link min-h-11"
              onClick={() => (sauce ? setClosing(false) : setAsking(false))}
            >
              Not now
            </button>
          ) : cooking && (cook.readiness !== "" || cook.followed.state === "finishing") ? (
            <button type="button" className="link min-h-11" onClick={() => setClosing(true)}>
              The sauce
            </button>
          ) : cooking && cook.readiness === "" ? (
            <button type="button" className="link min-h-11" onClick={() => setAsking(true)}>
              Ask the fork
            </button>
          ) : (
            <span />
          )}
          <SomethingElse cook={cook} records={records} onRecord={record} onTakeBack={takeBack} bell={bell} />
        </nav>
      )}
    </div>
  );
}
