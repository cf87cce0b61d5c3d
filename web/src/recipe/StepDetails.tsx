import { useState } from "react";
import { useCatalogue } from "../api/queries";
import type { IngredientDraft, StepDraft, UnderstoodStep } from "../api/types";
import { INPUT } from "../kit/TextField";
import { SplitLine } from "./SplitLine";

/** When a sentence's work is done and what it takes; where it stands among the others. */
export function StepDetails({
  draft,
  step,
  lines,
  first,
  last,
  onSet,
  onMove,
  onSplit,
  onJoin,
}: {
  draft: StepDraft;
  step: UnderstoodStep | undefined;
  lines: IngredientDraft[];
  first: boolean;
  last: boolean;
  onSet: (part: Partial<StepDraft>) => void;
  onMove: (by: -1 | 1) => void;
  onSplit: (sources: string[]) => void;
  onJoin: () => void;
}) {
  const timings = useCatalogue().data?.timings ?? [];
  const [splitting, setSplitting] = useState(false);
  const taken = draft.foods ?? step?.foods ?? [];
  const timed = draft.when === "after-start" || draft.when === "before-end";
  const toggle = (id: string) =>
    onSet({ foods: taken.includes(id) ? taken.filter((one) => one !== id) : [...taken, id] });
  return (
    <div className="mt-1 grid gap-2 border-l-4 border-line pl-3">
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid gap-0.5 text-sm">
          When
          <select className={INPUT} value={draft.when} onChange={(event) => onSet({ when: event.target.value })}>
            <option value="">{step?.when || "as the recipe has it"}</option>
            {timings.map((timing) => (
              <option key={timing.value} value={timing.value}>
                {timing.value === "after-start" || timing.value === "before-end"
                  ? `so long ${timing.label}`
                  : timing.label}
              </option>
            ))}
          </select>
        </label>
        {timed && (
          <label className="grid gap-0.5 text-sm">
            How long
            <input
              className={INPUT}
              value={draft.offset}
              maxLength={40}
              placeholder="45 min"
              onChange={(event) => onSet({ offset: event.target.value })}
            />
          </label>
        )}
      </div>
      <fieldset>
        <legend className="text-sm">Takes</legend>
        <div className="flex flex-wrap gap-1.5">
          {lines
            .filter((one) => !one.ignored && one.food !== "")
            .map((one) => (
              <button
                key={one.id}
                type="button"
                aria-pressed={taken.includes(one.id)}
                className={`min-h-8 rounded-full border px-3 text-sm ${
                  taken.includes(one.id) ? "border-rim bg-sunk font-semibold text-rim" : "border-line text-soft"
                }`}
                onClick={() => toggle(one.id)}
              >
                {taken.includes(one.id) ? "✓ " : ""}
                {one.food}
              </button>
            ))}
        </div>
      </fieldset>
      {splitting ? (
        <SplitLine
          source={draft.source}
          onSplit={(sources) => {
            setSplitting(false);
            onSplit(sources);
          }}
          onCancel={() => setSplitting(false)}
        />
      ) : (
        <div className="flex flex-wrap gap-x-4 text-sm">
          {!first && (
            <button type="button" className="link" onClick={() => onMove(-1)}>
              Do it earlier
            </button>
          )}
          {!last && (
            <button type="button" className="link" onClick={() => onMove(1)}>
              Do it later
            </button>
          )}
          <button type="button" className="link" onClick={() => setSplitting(true)}>
            Split into two
          </button>
          {!first && (
            <button type="button" className="link" onClick={onJoin}>
              Join to the one above
            </button>
          )}
          {(draft.kind !== "" || draft.minutes !== "" || draft.when !== "" || draft.foods !== null) && (
            <button
              type="button"
              className="link"
              onClick={() => onSet({ kind: "", minutes: "", when: "", offset: "", foods: null })}
            >
              As it was read
            </button>
          )}
        </div>
      )}
    </div>
  );
}
