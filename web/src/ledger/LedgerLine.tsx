import { useId, useState } from "react";
import type { LedgerView } from "../api/types";
import { Moved } from "../kit/Moved";
import { Sum } from "../kit/Sum";
import { INPUT } from "../kit/TextField";

const ACT = "min-h-11 rounded-lg px-2 text-sm font-semibold text-rim underline underline-offset-4 hover:bg-sunk";

/** One change, with the sum behind it, and the cook's last word on it. */
export function LedgerLine({
  entry,
  typed,
  problem,
  onRefuse,
  onSet,
}: {
  entry: LedgerView;
  typed: string | undefined;
  problem: string | undefined;
  onRefuse: (refuse: boolean) => void;
  onSet: (typed: string | null) => void;
}) {
  const id = useId();
  const [setting, setSetting] = useState(typed !== undefined);
  const what = `${entry.was} ${entry.is}`.trim();
  return (
    <li className="grid gap-x-3 border-b border-line pb-2 last:border-0 sm:grid-cols-[1fr_auto]">
      <div className="min-w-0">
        <p>
          {entry.refused && (
            <span className="mr-2 rounded border border-rim px-1.5 text-sm font-semibold text-rim">refused</span>
          )}
          {typed !== undefined && (
            <span className="mr-2 rounded border border-rim px-1.5 text-sm font-semibold text-rim">set by you</span>
          )}
          {entry.was && (
            <>
              <span className={entry.refused ? "font-semibold" : "text-soft line-through decoration-1"}>
                {entry.was}
              </span>
              <span aria-hidden="true" className="px-2 text-rim">
                →
              </span>
              <span className="sr-only"> becomes </span>
            </>
          )}
          <strong className={entry.refused ? "font-normal text-soft line-through" : ""}>
            <Moved>{entry.is}</Moved>
          </strong>
        </p>
        <p className="text-sm text-soft">{entry.why}</p>
        {setting && (
          <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
            <label htmlFor={id} className="font-semibold text-soft">
              pour instead
            </label>
            <input
              id={id}
              className={`${INPUT} max-w-32`}
              aria-invalid={problem ? true : undefined}
              aria-describedby={problem ? `${id}-said` : undefined}
              value={typed ?? entry.amount}
              maxLength={40}
              onChange={(event) => onSet(event.target.value)}
            />
            {problem && (
              <span id={`${id}-said`} className="font-semibold text-heat">
                ▲ {problem}
              </span>
            )}
          </p>
        )}
        {entry.sum && <Sum sum={entry.sum} />}
      </div>
      {entry.key && (
        <div className="flex items-start gap-1">
          {entry.amount && !entry.refused && !setting && (
            <button
              type="button"
              className={ACT}
              aria-label={`Set otherwise: ${what}`}
              onClick={() => setSetting(true)}
            >
              Set
            </button>
          )}
          {typed !== undefined ? (
            <button
              type="button"
              className={ACT}
              aria-label={`Restore: ${what}`}
              onClick={() => {
                setSetting(false);
                onSet(null);
              }}
            >
              Restore
            </button>
          ) : (
            <button
              type="button"
              className={ACT}
              aria-label={`${entry.refused ? "Restore" : "Refuse"}: ${what}`}
              onClick={() => onRefuse(!entry.refused)}
            >
              {entry.refused ? "Restore" : "Refuse"}
            </button>
          )}
        </div>
      )}
    </li>
  );
}
