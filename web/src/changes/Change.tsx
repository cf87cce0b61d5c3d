import { useId, useState } from "react";
import type { LedgerView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Moved } from "../kit/Moved";
import { Sum } from "../kit/Sum";

/** One change within its line: was, is, why, its sum, and the cook's last word on it; `said` where the line itself says it. */
export function Change({ entry, said }: { entry: LedgerView; said: boolean }) {
  const { draft, change, problem } = useBraisePlace();
  const id = useId();
  const typed = draft.amounts.find((one) => one.key === entry.key)?.typed;
  const [setting, setSetting] = useState(typed !== undefined);
  const wrong = problem(`amounts.${entry.key}`);
  const what = `${entry.was} ${entry.is}`.trim();
  const others = draft.amounts.filter((one) => one.key !== entry.key);
  const refuse = (refused: boolean) =>
    change({
      refused: refused ? [...draft.refused, entry.key] : draft.refused.filter((key) => key !== entry.key),
      amounts: others,
    });
  const set = (amount: string | null) =>
    change({
      amounts: amount === null ? others : [...others, { key: entry.key, typed: amount }],
      refused: draft.refused.filter((key) => key !== entry.key),
    });
  return (
    <div className="mt-0.5">
      {(!said || entry.refused) && (
        <p>
          {entry.was !== "" && (
            <>
              <span className={entry.refused ? "font-semibold" : "text-soft line-through decoration-1"}>
                {entry.was}
              </span>
              <span className="sr-only"> becomes </span>{" "}
            </>
          )}
          <strong
            className={
              entry.refused
                ? "font-normal text-soft line-through"
                : "bg-[linear-gradient(transparent_58%,var(--changed)_58%)]"
            }
          >
            <Moved>{entry.is}</Moved>
          </strong>
          {entry.state !== "" && <span className="text-sm font-semibold text-rim"> {entry.state}</span>}
          {typed !== undefined && <span className="text-sm font-semibold text-rim"> set by you</span>}
        </p>
      )}
      <div className="flex flex-wrap items-baseline gap-x-3 text-sm text-soft">
        <span className="min-w-0">{entry.why}</span>
        {entry.sum && <Sum sum={entry.sum} short />}
        {entry.key !== "" && entry.amount !== "" && !entry.refused && !setting && (
          <button type="button" className="link" onClick={() => setSetting(true)}>
            set<span className="sr-only"> otherwise: {what}</span>
          </button>
        )}
        {entry.key !== "" &&
          (typed !== undefined ? (
            <button
              type="button"
              className="link"
              onClick={() => {
                setSetting(false);
                set(null);
              }}
            >
              restore<span className="sr-only">: {what}</span>
            </button>
          ) : (
            <button type="button" className="link" onClick={() => refuse(!entry.refused)}>
              {entry.press}
              <span className="sr-only">: {what}</span>
            </button>
          ))}
      </div>
      {setting && (
        <p className="flex flex-wrap items-baseline gap-2 text-sm">
          <label htmlFor={id}>pour instead</label>
          <input
            id={id}
            className="figure min-w-16 text-lg"
            // biome-ignore lint/a11y/noAutofocus: it takes the place of the button that was pressed
            autoFocus={typed === undefined}
            aria-invalid={wrong ? true : undefined}
            aria-describedby={wrong ? `${id}-said` : undefined}
            value={typed ?? entry.amount}
            maxLength={40}
            onChange={(event) => set(event.target.value)}
          />
          {wrong && (
            <span id={`${id}-said`} role="status" className="font-semibold text-heat">
              ▲ {wrong}
            </span>
          )}
        </p>
      )}
    </div>
  );
}
