import type { BraiseDraft, LedgerView } from "../api/types";
import { Panel } from "../kit/Panel";
import { LedgerLine } from "./LedgerLine";

/** Each entry under a name that stays the same when its wording changes; of entries alike, the place among them counts. */
function withNames(ledger: LedgerView[]): [string, LedgerView][] {
  const seen = new Map<string, number>();
  return ledger.map((entry) => {
    const name = entry.key || entry.code;
    const count = seen.get(name) ?? 0;
    seen.set(name, count + 1);
    return [`${name} ${count}`, entry];
  });
}

/** Every change to the recipe: was, is, and why; each can be refused, and some set otherwise. */
export function LedgerPanel({
  braiseId,
  ledger,
  draft,
  problem,
  onChange,
}: {
  braiseId: string;
  ledger: LedgerView[];
  draft: BraiseDraft;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const refused = ledger.filter((entry) => entry.refused).length;
  const set = draft.amounts.length;
  const own = [refused > 0 && `${refused} refused`, set > 0 && `${set} set by you`].filter(Boolean).join(", ");
  return (
    <Panel
      title="What changes in the recipe"
      aside={
        <span className="text-sm text-soft" role="status">
          {own || `${ledger.length} changes`}
        </span>
      }
    >
      {ledger.length === 0 && <p>Nothing changes.</p>}
      <ol className="grid gap-3">
        {withNames(ledger).map(([name, entry]) => (
          <LedgerLine
            key={name}
            entry={entry}
            typed={draft.amounts.find((one) => one.key === entry.key)?.typed}
            problem={problem(`amounts.${entry.key}`)}
            onRefuse={(refuse) =>
              onChange({
                refused: refuse ? [...draft.refused, entry.key] : draft.refused.filter((key) => key !== entry.key),
                amounts: draft.amounts.filter((one) => one.key !== entry.key),
              })
            }
            onSet={(typed) =>
              onChange({
                amounts: [
                  ...draft.amounts.filter((one) => one.key !== entry.key),
                  ...(typed === null ? [] : [{ key: entry.key, typed }]),
                ],
                refused: draft.refused.filter((key) => key !== entry.key),
              })
            }
          />
        ))}
      </ol>
      <p className="mt-3 text-sm">
        The adapted recipe:{" "}
        <a href={`/api/braises/${braiseId}/recipe.md`} className="font-semibold text-rim underline" download>
          Markdown
        </a>
        {", "}
        <a href={`/api/braises/${braiseId}/recipe.jsonld`} className="font-semibold text-rim underline" download>
          JSON-LD
        </a>
      </p>
    </Panel>
  );
}
