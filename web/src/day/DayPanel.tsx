import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { Problem } from "../api/Problem";
import { useStartCook } from "../api/queries";
import type { Adaptation, StartCook } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { Sum } from "../kit/Sum";
import { TextField } from "../kit/TextField";

/** The backward list of clock times, and the way to the stove. */
export function DayPanel({
  adaptation,
  braiseId,
  cookId,
}: {
  adaptation: Adaptation;
  braiseId: string;
  cookId: string | null;
}) {
  const start = useStartCook(braiseId);
  const navigate = useNavigate();
  const [at, setAt] = useState("");
  const chosen = adaptation.outcomes.find((outcome) => outcome.chosen);

  const [said, setSaid] = useState<StartCook>({ at: "", setting: "", serveAt: "", cookerId: "", knowing: [] });
  const begin = (more: Partial<StartCook>) => {
    const next = { ...said, at, setting: chosen?.setting ?? "", ...more };
    setSaid(next);
    start.mutate(next, { onSuccess: (cook) => navigate(`/cooks/${cook.id}`) });
  };
  const asked = start.error instanceof Problem ? start.error.violations.filter((one) => one.offers !== undefined) : [];

  return (
    <Panel
      title="The day"
      aside={
        adaptation.day.length > 0 ? (
          <a
            href={`/api/braises/${braiseId}/calendar.ics`}
            className="text-sm font-semibold text-rim underline"
            download
          >
            Calendar file
          </a>
        ) : undefined
      }
    >
      {adaptation.day.length === 0 && <p>{adaptation.verdict}</p>}
      <ol className="mb-2">
        {adaptation.day.map((task) => (
          <li key={task.kind + task.at} className="grid grid-cols-[7rem_1fr] gap-x-3 border-b border-line py-1.5">
            <time dateTime={task.at} className="text-right text-lg font-bold whitespace-nowrap text-rim">
              {task.clock}
            </time>
            <div>
              <strong>{task.text}</strong>
              {task.minutes > 0 && <span className="text-soft"> · {task.minutes} min</span>}
              {task.detail && <p className="text-sm text-soft">{task.detail}</p>}
            </div>
          </li>
        ))}
      </ol>
      <Sum sum={adaptation.before} />
      <Sum sum={adaptation.finish} />
      <div className="mt-2 border-t-2 border-rim pt-3">
        {cookId !== null ? (
          <Link
            to={`/cooks/${cookId}`}
            className="inline-flex min-h-11 items-center rounded-lg border-2 border-heat px-4 font-semibold text-heat"
          >
            The pot is on: to the stove
          </Link>
        ) : (
          <div className="flex flex-wrap items-end gap-3">
            <Button weight="main" onClick={() => begin({})} disabled={start.isPending}>
              Switched on{at === "" ? " now" : ""}
            </Button>
            <div className="w-44">
              <TextField label="or already, at" type="time" value={at} onChange={setAt} />
            </div>
          </div>
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
        {start.error && asked.length === 0 && (
          <div className="mt-2">
            <Notice kind="warn" word="Not started" live>
              {("violations" in start.error && (start.error.violations as { message: string }[])[0]?.message) ||
                start.error.message}
            </Notice>
          </div>
        )}
      </div>
    </Panel>
  );
}
