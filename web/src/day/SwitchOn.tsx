import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { boxOfBraise, drop, SWITCHED_ON, since } from "../api/outbox";
import { Problem } from "../api/Problem";
import { useStartCook, useTick, useToday } from "../api/queries";
import type { StartCook } from "../api/types";
import { useOutbox } from "../api/useOutbox";
import { useBraisePlace } from "../braise/BraiseContext";
import { localMoment } from "../clock/localMoment";
import { useClock } from "../clock/useClock";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";

/** The way to the stove, on the setting and at the time that are planned; what stands against it is said before it is pressed. */
export function SwitchOn({ large = false }: { large?: boolean }) {
  const { draft, view, adaptation, catalogue } = useBraisePlace();
  const { zone, written } = useClock();
  const today = useToday().data;
  const start = useStartCook(view.id);
  const tick = useTick();
  const box = useOutbox(boxOfBraise(view.id));
  const navigate = useNavigate();
  const [at, setAt] = useState("");
  const [setting, setSetting] = useState("");
  const [said, setSaid] = useState<StartCook>({ at: "", setting: "", serveAt: "", cookerId: "", knowing: [] });
  const chosen = adaptation?.outcomes.find((outcome) => outcome.chosen);
  const planned = chosen?.setting ?? "";
  const label = (value: string) =>
    adaptation?.outcomes.find((outcome) => outcome.setting === value)?.label ??
    catalogue.settings.find((one) => one.value === value)?.label ??
    value;
  const waiting = box.entries.find((one) => one.path === SWITCHED_ON);
  const begin = (more: Partial<StartCook>) => {
    // What was kept here while the server was away happened when it was kept, whatever is answered now.
    const then =
      waiting === undefined
        ? {}
        : { ...(waiting.body as StartCook), at: waiting.body.at || since(waiting, Date.now()) };
    const next: StartCook = { ...said, setting: setting || planned, ...then, ...more };
    if (waiting !== undefined) {
      drop(boxOfBraise(view.id), waiting.id);
    }
    setSaid(next);
    start.mutate(next, { onSuccess: (cook) => cook !== null && navigate(`/cooks/${cook.id}`) });
  };
  if (view.cookId !== null) {
    return (
      <Link
        to={`/cooks/${view.cookId}`}
        className="inline-flex min-h-11 items-center rounded-lg bg-rim px-5 font-semibold text-on-rim"
      >
        The pot is on: to the stove
      </Link>
    );
  }
  const held = waiting !== undefined && box.refusal?.id === waiting.id;
  if (waiting !== undefined && !held) {
    return (
      <div id="switch-on">
        <Notice kind="warn" word="1 kept here" live>
          <p>
            Switched on at {written(localMoment(waiting.made, zone).split("T")[1] ?? "")}. The kitchen server can’t be
            reached; it is told as soon as it can, and the stove is there then.
          </p>
        </Notice>
      </div>
    );
  }
  const refused = box.refusal?.path === SWITCHED_ON ? box.refusal.problem : start.error;
  const asked = refused instanceof Problem ? refused.violations.filter((one) => one.offers !== undefined) : [];
  const used = today?.running.find((one) => one.cookerId === draft.cookerId);
  const [day, dinner] = [today && localMoment(Date.parse(today.now), zone).split("T")[0], draft.serveAt.split("T")[0]];
  const load = adaptation?.wholeDay?.jobs.find((job) => job.id === "load");
  const overdue = adaptation?.followed?.overdue.some((one) => one.job === "load") === true && load !== undefined;
  const due = adaptation?.ribbon.phrases.find((phrase) => phrase.kind === "on")?.clock ?? "";
  const size = large ? "min-h-14 text-xl" : "";
  const settings = (adaptation?.outcomes ?? []).map((outcome) => ({ value: outcome.setting, label: outcome.label }));
  return (
    <div id="switch-on" className="min-w-0">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        {overdue && at === "" && setting === "" ? (
          <>
            <Button
              weight="main"
              className={size}
              onClick={() => begin({ at: localMoment(Date.parse(load.to), zone) })}
              disabled={start.isPending}
            >
              On since {due}, on {label(planned)}
            </Button>
            <Button
              className={size}
              onClick={() => tick.mutate({ braiseId: view.id, job: "load", text: load.text, is: "not-yet" })}
              disabled={tick.isPending}
            >
              Not yet
            </Button>
          </>
        ) : (
          <Button
            weight="main"
            className={size}
            onClick={() => begin({ at })}
            disabled={start.isPending || planned === ""}
          >
            Switched on{at === "" ? " now" : ""}, on {label(setting || planned)}
          </Button>
        )}
        <details>
          <summary className="link inline-flex min-h-11 cursor-pointer items-center">otherwise</summary>
          <span className="flex flex-wrap items-baseline gap-x-3">
            <label htmlFor="on-at" className="text-sm">
              already, at
            </label>
            <input
              id="on-at"
              className="figure min-w-14"
              maxLength={40}
              placeholder={written("12:30")}
              value={at}
              onChange={(event) => setAt(event.target.value)}
            />
            <label htmlFor="on-setting" className="text-sm">
              on
            </label>
            <select
              id="on-setting"
              className="figure"
              value={setting || planned}
              onChange={(event) => setSetting(event.target.value)}
            >
              {settings.map((one) => (
                <option key={one.value} value={one.value}>
                  {one.label}
                </option>
              ))}
            </select>
          </span>
        </details>
      </div>
      {used && (
        <p className="mt-1 text-sm">
          ▲ This cooker is on with{" "}
          <Link to={`/cooks/${used.cookId}`} className="link">
            {used.title}
          </Link>
          .
        </p>
      )}
      {!used && day !== undefined && day !== dinner && (
        <p className="mt-1 text-sm text-soft">Dinner is on {adaptation?.serveText.split(",")[0]}, not today.</p>
      )}
      {asked.map((question) => (
        <div key={question.code} className="mt-2" data-testid="start-question">
          <Notice kind="warn" word="First" live>
            <p>{question.message}</p>
            <div className="mt-2 flex flex-wrap gap-2">
              {question.offers?.map((offer) => (
                <Button key={offer.text} onClick={() => begin(offer.changes as Partial<StartCook>)}>
                  {offer.text}
                </Button>
              ))}
            </div>
          </Notice>
        </div>
      ))}
      {refused && asked.length === 0 && (
        <div className="mt-2">
          <Notice kind="warn" word="Not started" live>
            {("violations" in refused && (refused.violations as { message: string }[])[0]?.message) || refused.message}
          </Notice>
        </div>
      )}
    </div>
  );
}
