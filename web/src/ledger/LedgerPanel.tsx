import type { LedgerView } from "../api/types";
import { Panel } from "../kit/Panel";
import { Sum } from "../kit/Sum";

/** Every change to the recipe: was, is, and why. */
export function LedgerPanel({ ledger }: { ledger: LedgerView[] }) {
  return (
    <Panel title="What changes in the recipe">
      {ledger.length === 0 && <p>Nothing changes.</p>}
      <ol className="grid gap-3">
        {ledger.map((entry) => (
          <li key={`${entry.code}${entry.was}${entry.is}`} className="border-b border-line pb-2 last:border-0">
            <p>
              {entry.was && (
                <>
                  <span className="text-soft line-through decoration-1">{entry.was}</span>
                  <span aria-hidden="true" className="px-2 text-rim">
                    →
                  </span>
                  <span className="sr-only"> becomes </span>
                </>
              )}
              <strong>{entry.is}</strong>
            </p>
            <p className="text-sm text-soft">{entry.why}</p>
            {entry.sum && <Sum sum={entry.sum} />}
          </li>
        ))}
      </ol>
    </Panel>
  );
}
