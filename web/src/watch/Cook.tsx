import { useContext } from "react";
import { Link } from "react-router";
import { useCatalogue } from "../api/queries";
import type { CookView } from "../api/types";
import { useTitle } from "../app/useTitle";
import { SaucePanel } from "../finish/SaucePanel";
import { Button } from "../kit/Button";
import { Moved } from "../kit/Moved";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { ToastContext } from "../kit/toast";
import { ClosePanel } from "./ClosePanel";
import { Flags } from "./Flags";
import { ForkTest } from "./ForkTest";
import { Overdue } from "./Overdue";
import { PowerPanel } from "./PowerPanel";
import { ProbePanel } from "./ProbePanel";
import { Started } from "./Started";
import { TurnedPanel } from "./TurnedPanel";
import { useRecords } from "./useRecords";

/** The stove: the next thing and its time, large; then what the fork says, the sauce, and the rest of the evening. */
export function Cook({ cook, stale }: { cook: CookView; stale: boolean }) {
  useTitle(cook.title);
  const records = useRecords(cook.id);
  const catalogue = useCatalogue().data;
  const say = useContext(ToastContext);
  const fork = cook.windows.find((window) => window.level === "fork");
  const isTrue = cook.late === "" && cook.followed.overdue.length === 0 && !cook.stopped;
  const eating = cook.followed.state === "eaten" || cook.followed.state === "put-away";
  const takeBack = () =>
    records.takeBack().then(
      () => say({ text: "Taken back." }),
      (error: Error) => say({ text: `Not taken back. ${error.message}` }),
    );
  const record = (path: string, body: Record<string, unknown>, text: string) => {
    records.record(path, body, text);
    say({ text: `Noted: ${text}`, action: { label: "Undo", run: takeBack } });
  };
  const done = (job: string, text: string) => record("done", { job }, text);
  const reopen = () => records.reopen().catch((error: Error) => say({ text: `Not opened again. ${error.message}` }));

  return (
    <div className="mx-auto grid max-w-5xl items-start gap-3 md:grid-cols-2">
      <div className="grid gap-3">
        <section aria-label="Next" className="rounded-xl border-2 border-rim bg-panel p-4">
          <h1 className="text-base font-semibold text-soft">
            <Link to={`/braises/${cook.braiseId}`} className="underline-offset-4 hover:underline">
              {cook.title}
            </Link>
          </h1>
          {stale && (
            <Notice kind="warn" word="Not reached" live>
              Shown as of {cook.now}. It is asked again every few seconds.
            </Notice>
          )}
          {records.waiting.length > 0 && (
            <Notice kind="warn" word={records.kept ? "Kept on this device" : "Not kept over a reload"} live>
              <p data-testid="waiting">
                Not sent yet: {records.waiting.map((entry) => entry.text).join("; ")}. Sent again every few seconds.{" "}
                {records.failing?.message}
              </p>
            </Notice>
          )}
          {!cook.closed && <Flags flags={cook.flags} onRecord={record} problem={records.problem("facts")} />}
          {cook.closed ? (
            <p className="mt-2 text-2xl font-bold">
              Closed.{" "}
              <Link to="/notebook" className="text-rim underline">
                It is in the notebook.
              </Link>{" "}
              <Button weight="quiet" onClick={reopen}>
                Open it again
              </Button>
            </p>
          ) : (
            cook.next && (
              <div className="mt-1">
                <p className="text-5xl leading-tight font-extrabold text-rim" data-testid="next-clock">
                  <Moved>{cook.next.clock}</Moved>
                </p>
                <p className="text-3xl leading-tight font-bold" data-testid="next-text">
                  {cook.next.text}
                </p>
                <p className="text-xl">{cook.nextIn}</p>
                <p className="mt-1 text-soft">{cook.next.detail}</p>
                {cook.next.job !== "" && cook.next.kind !== "sauce" && (
                  <Button
                    className="mt-2 min-h-14 w-full text-xl"
                    onClick={() => done(cook.next?.job ?? "", cook.next?.text ?? "")}
                  >
                    Done
                  </Button>
                )}
                {cook.next.kind === "sauce" && !cook.begun && (
                  <div className="mt-2 flex gap-3">
                    <Button className="min-h-14 grow text-xl" onClick={() => record("begin", {}, "the sauce is begun")}>
                      Begun
                    </Button>
                    <Button
                      className="min-h-14 text-xl"
                      onClick={() => done(cook.next?.job ?? "", cook.next?.text ?? "")}
                    >
                      Done
                    </Button>
                  </div>
                )}
              </div>
            )
          )}
          {!cook.closed && (
            <p className="mt-3 border-t-2 border-line pt-2 text-xl font-semibold" data-testid="headline" role="status">
              <span className={isTrue ? "text-done" : "text-heat"} aria-hidden="true">
                {isTrue ? "✓ " : "▲ "}
              </span>
              <Moved>{cook.headline}</Moved>
            </p>
          )}
          {!cook.closed && <Overdue overdue={cook.followed.overdue} onRecord={record} />}
          {cook.readiness && <p className="mt-1 text-lg font-semibold text-done">✓ {cook.readiness}</p>}
          {cook.onHigh && !cook.closed && (
            <div className="mt-2 grid gap-2">
              <p>{cook.onHigh}</p>
              <Button
                className="min-h-14 text-lg"
                onClick={() => record("setting", { setting: "high" }, "turned to High")}
              >
                I turned it to High
              </Button>
            </div>
          )}
          {cook.elsewhere.length > 0 && !cook.closed && (
            <div className="mt-3">
              <p className="font-semibold">Or finish it another way from now:</p>
              <ul className="list-inside list-disc">
                {cook.elsewhere.map((way) => (
                  <li key={way}>{way}</li>
                ))}
              </ul>
            </div>
          )}
          <p className="mt-3 text-sm text-soft">
            {cook.setting}, on since {cook.switchedOn}, {cook.sinceOn}. Fork-tender after{" "}
            <strong data-testid="fork-window">{fork?.text}</strong>. {cook.lidCost}
          </p>
        </section>
        {!cook.closed && !cook.stopped && !eating && catalogue && (
          <ForkTest
            answers={catalogue.forkAnswers}
            problem={records.problem("fork-tests")?.violations[0]?.message ?? records.problem("fork-tests")?.message}
            onAnswer={(answer, at) =>
              record(
                "fork-tests",
                { answer, at },
                `the fork: ${catalogue.forkAnswers.find((one) => one.value === answer)?.label ?? answer}`,
              )
            }
          />
        )}
        {!cook.closed && !cook.stopped && !eating && cook.readiness === "" && (
          <ProbePanel
            key={cook.events.filter((event) => event.kind === "probe").length}
            help={cook.help}
            problem={records.problem("probe")}
            onRecord={record}
          />
        )}
      </div>
      <div className="grid gap-3">
        {!cook.closed && !cook.stopped && cook.followed.state === "finishing" && (
          <Button weight="main" className="min-h-14 text-xl" onClick={() => record("eaten", {}, "it is on the table")}>
            On the table
          </Button>
        )}
        {catalogue && !cook.closed && !cook.stopped && !eating && (
          <SaucePanel key={cook.sauce.left} cook={cook} catalogue={catalogue} records={records} />
        )}
        <Panel title="Still to come">
          <ol>
            {cook.tasks.map((task) => (
              <li
                key={task.kind + task.job + task.at}
                className="flex items-center gap-3 border-b border-line py-2 text-lg last:border-0"
              >
                <time dateTime={task.at} className="w-16 shrink-0 sm:w-24 text-right font-bold text-rim">
                  {task.clock}
                </time>
                <span className="flex-1">
                  {task.text}
                  {task.job !== "" && task.detail !== "" && <span className="text-soft"> · {task.detail}</span>}
                </span>
                {task.job !== "" && (
                  <Button
                    weight="quiet"
                    className="px-2"
                    aria-label={`done: ${task.text}`}
                    onClick={() => done(task.job, task.text)}
                  >
                    done
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </Panel>
        <Panel title="What has happened">
          <ol className="text-lg">
            {cook.events.map((event, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: events have no other identity and keep their order
              <li key={index} className="flex gap-4 border-b border-line py-1.5 last:border-0">
                <span className="w-24 shrink-0 text-right text-soft">{event.clock}</span>
                <span className="flex-1">
                  {event.text}
                  {index === 0 && !cook.closed && catalogue && (
                    <details>
                      <summary className="link inline-flex min-h-11 cursor-pointer items-center text-base">
                        it was otherwise
                      </summary>
                      <Started cook={cook} settings={catalogue.settings} records={records} />
                    </details>
                  )}
                </span>
                {event.id !== "" && !cook.closed && (
                  <Button
                    weight="quiet"
                    className="px-2"
                    aria-label={`undo: ${event.text}`}
                    onClick={() =>
                      records.undo(event.id).then(
                        () => say({ text: "Taken back." }),
                        (error: Error) => say({ text: `Not taken back. ${error.message}` }),
                      )
                    }
                  >
                    undo
                  </Button>
                )}
              </li>
            ))}
          </ol>
          {cook.events.length > 1 && !cook.closed && (
            <Button weight="quiet" className="mt-1" onClick={takeBack}>
              Take the last one back
            </Button>
          )}
        </Panel>
        {!cook.closed && !eating && <TurnedPanel problem={records.problem("setting")} onRecord={record} />}
        {!cook.closed && <PowerPanel problem={records.problem("power")} onRecord={record} />}
        {!cook.closed && <ClosePanel records={records} />}
      </div>
    </div>
  );
}
