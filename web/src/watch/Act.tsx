import type { CookView } from "../api/types";
import { Button } from "../kit/Button";
import { Moved } from "../kit/Moved";
import { TakeOuts, useFishedOut } from "./TakeOuts";
import type { Timers } from "./useTimers";

/** Longer words are set smaller. */
const LONG = 24;

/** What is to be done now: its clock, who does it and how long, one large action. */
export function Act({
  cook,
  asked,
  onDone,
  onRecord,
  timers,
}: {
  cook: CookView;
  asked: boolean;
  onDone: (job: string, text: string) => void;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
  timers: Timers;
}) {
  const { next } = cook;
  const out = useFishedOut(cook.id, next?.job ?? "", cook.takeOuts);
  const finishing = cook.followed.state === "finishing";
  if (next === null) {
    return null;
  }
  const timed = next.minutes >= 2 && next.job !== "" && !timers.running.some((one) => one.job === next.job);
  const begin = next.kind === "sauce" && !cook.begun;
  return (
    <section aria-label="Next">
      <div className="flex flex-wrap items-center gap-x-4">
        <p
          className="text-6xl leading-none font-extrabold tracking-tight text-rim tabular-nums table:text-8xl"
          data-testid="next-clock"
        >
          <Moved>{next.clock}</Moved>
        </p>
        <div className="min-w-0 flex-1 basis-40">
          <p
            className={`leading-tight font-bold table:text-4xl ${asked || next.text.length > LONG ? "text-xl" : "text-2xl"}`}
            data-testid="next-text"
          >
            {next.text}
          </p>
          {asked && <p className="leading-tight font-semibold table:text-xl">What does the fork say?</p>}
          {asked && (
            <p className="text-sm text-soft">{[cook.nextIn, next.who].filter((part) => part !== "").join(" · ")}</p>
          )}
        </div>
      </div>
      {!asked && (
        <p className="text-soft">
          {[
            cook.nextIn,
            next.who,
            next.minutes > 0 ? `${next.minutes} min` : "",
            next.detail === next.who ? "" : next.detail,
          ]
            .filter((part) => part !== "")
            .join(" · ")}
        </p>
      )}
      {cook.amounts.length > 0 && (
        <p className="text-xl font-semibold" data-testid="amounts">
          {cook.amounts.join(" · ")}
        </p>
      )}
      {cook.takeOuts.length > 0 && <TakeOuts all={cook.takeOuts} out={out} />}
      {next.job !== "" && (
        <div className="mt-2 flex gap-3">
          {begin && (
            <Button
              weight="main"
              className="min-h-16 grow text-2xl"
              onClick={() => onRecord("begin", {}, "the sauce is begun")}
            >
              Begun
            </Button>
          )}
          <Button
            weight={begin || out.left > 0 ? "plain" : "main"}
            className="min-h-16 grow text-2xl"
            onClick={() => onDone(next.job, next.text)}
          >
            Done
          </Button>
          {timed && (
            <Button
              className="min-h-16 whitespace-nowrap text-lg"
              onClick={() => timers.start(next.job, next.text, next.minutes)}
            >
              Time {next.minutes} min
            </Button>
          )}
          {!begin && next.kind !== "fork-test" && (
            <Button
              className="min-h-16 whitespace-nowrap text-lg"
              onClick={() => onRecord("done", { job: next.job, done: false }, `not yet: ${next.text}`)}
            >
              Not yet
            </Button>
          )}
        </div>
      )}
      {finishing && !cook.isChilled && (
        <Button className="mt-2 min-h-14 w-full text-xl" onClick={() => onRecord("eaten", {}, "it is on the table")}>
          On the table
        </Button>
      )}
    </section>
  );
}
