import { Collapsible } from "radix-ui";
import { useRef, useState } from "react";
import type { Choice, IngredientDraft, UnderstoodIngredient } from "../api/types";
import { INPUT } from "../kit/TextField";
import { SplitLine } from "./SplitLine";
import { sureness } from "./sureness";

/** What a line without a part belongs to. */
export const POT = "braise";

/** One line of the recipe: what was made of it; opened in place, where it can be corrected. */
export function Line({
  draft,
  understood,
  roles,
  parts,
  open,
  canJoin,
  onOpen,
  onChange,
  onCommit,
  onJoin,
  onSplit,
}: {
  draft: IngredientDraft;
  understood: UnderstoodIngredient | undefined;
  roles: Choice[];
  parts: Choice[];
  open: boolean;
  canJoin: boolean;
  onOpen: (open: boolean) => void;
  onChange: (draft: IngredientDraft) => void;
  onCommit: (draft: IngredientDraft) => void;
  onJoin: () => void;
  onSplit: (sources: string[]) => void;
}) {
  const sure = sureness(understood?.sureness);
  const [splitting, setSplitting] = useState(false);
  const began = useRef(draft);
  const commit = (now: IngredientDraft) => {
    if (now.food !== began.current.food || now.role !== began.current.role || now.ignored !== began.current.ignored) {
      began.current = now;
      onCommit(now);
    }
  };
  const set = (part: Partial<IngredientDraft>) => {
    onChange({ ...draft, ...part });
    if (part.role !== undefined || part.ignored !== undefined) {
      commit({ ...draft, ...part });
    }
  };
  return (
    <Collapsible.Root open={open} onOpenChange={onOpen} asChild>
      <li className="border-t border-line first:border-0">
        <Collapsible.Trigger
          className={`flex min-h-7 w-full items-baseline gap-2 rounded text-left hover:bg-sunk ${draft.ignored ? "text-soft line-through" : ""}`}
        >
          <span aria-hidden="true" className={`w-3 shrink-0 text-sm font-bold ${draft.ignored ? "" : sure.look}`}>
            {draft.ignored ? "–" : sure.sign}
          </span>
          <span className="min-w-0 flex-1 truncate" dir="auto">
            {draft.food || draft.source}
            <span className="sr-only">, {draft.ignored ? "not used" : sure.word}</span>
          </span>
          <span className="shrink-0 font-semibold">
            {draft.ignored ? "not used" : understood?.quantity || (draft.amount === "" ? "not measured" : draft.amount)}
          </span>
        </Collapsible.Trigger>
        <Collapsible.Content className="grid gap-1.5 pb-2 pl-5">
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
            <p className="text-sm text-soft" dir="auto">
              {draft.source}
              {(understood?.doubts ?? []).length > 0 && ` · ${understood?.doubts.join(", ")}`}
            </p>
          )}
          <div className="grid grid-cols-2 gap-1.5 text-sm">
            <input
              aria-label={`Amount of ${draft.source}`}
              placeholder="amount"
              className={INPUT}
              value={draft.amount}
              maxLength={200}
              onChange={(event) => set({ amount: event.target.value })}
            />
            <input
              aria-label={`Food of ${draft.source}`}
              placeholder="food"
              className={INPUT}
              value={draft.food}
              maxLength={400}
              onChange={(event) => set({ food: event.target.value })}
              onBlur={() => commit(draft)}
            />
            <select
              aria-label={`Role of ${draft.source}`}
              className={INPUT}
              value={draft.role}
              onChange={(event) => set({ role: event.target.value })}
            >
              <option value="">{understood?.roleText ?? "…"}</option>
              {roles.map((role) => (
                <option key={role.value} value={role.value}>
                  {role.label}
                </option>
              ))}
            </select>
            <select
              aria-label={`Part of ${draft.source}`}
              className={INPUT}
              value={draft.part || POT}
              onChange={(event) => onChange({ ...draft, part: event.target.value === POT ? "" : event.target.value })}
            >
              {parts.map((part) => (
                <option key={part.value} value={part.value}>
                  {part.label}
                </option>
              ))}
            </select>
          </div>
          <div className="flex flex-wrap gap-x-4 text-sm">
            <button type="button" className="link" onClick={() => set({ ignored: !draft.ignored })}>
              {draft.ignored ? "It is an ingredient" : "Not an ingredient"}
            </button>
            <button type="button" className="link" onClick={() => setSplitting(true)}>
              Split into two lines
            </button>
            {canJoin && (
              <button type="button" className="link" onClick={onJoin}>
                Join to the line above
              </button>
            )}
          </div>
        </Collapsible.Content>
      </li>
    </Collapsible.Root>
  );
}
