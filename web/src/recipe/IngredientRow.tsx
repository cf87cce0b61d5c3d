import { DropdownMenu } from "radix-ui";
import { useRef, useState } from "react";
import type { Choice, IngredientDraft, UnderstoodIngredient } from "../api/types";
import { INPUT } from "../kit/TextField";
import { SplitLine } from "./SplitLine";
import { sureness } from "./sureness";

/** What a line without a part belongs to. */
const POT = "braise";
const MENU_ITEM = "flex min-h-11 cursor-pointer items-center rounded-lg px-3 outline-none data-[highlighted]:bg-sunk";

/** One line of the recipe: as written, and what was made of it, which can be corrected in place. */
export function IngredientRow({
  id,
  draft,
  understood,
  roles,
  parts,
  chosen,
  canMerge,
  onChange,
  onCommit,
  onMerge,
  onSplit,
}: {
  id: string;
  draft: IngredientDraft;
  understood: UnderstoodIngredient | undefined;
  roles: Choice[];
  parts: Choice[];
  chosen: boolean;
  canMerge: boolean;
  onChange: (draft: IngredientDraft) => void;
  onCommit: (draft: IngredientDraft) => void;
  onMerge: () => void;
  onSplit: (sources: string[]) => void;
}) {
  const of = draft.part || POT;
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
    <tr
      id={id}
      className={`scroll-mt-4 border-b border-line align-top ${draft.ignored ? "text-soft" : ""} ${chosen ? "bg-attention-wash" : ""}`}
    >
      <td className="py-2.5 pr-3 pl-1 break-words">
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
          <span className={draft.ignored ? "line-through" : ""}>{draft.source}</span>
        )}
        {!draft.ignored && of !== POT && (
          <span className="block text-sm text-soft">{parts.find((part) => part.value === of)?.label}</span>
        )}
        {!draft.ignored && understood?.question && (
          <>
            <span className="block text-sm font-semibold text-heat">▲ {understood.question}</span>
            {understood.answers.map((answer) => (
              <button
                key={answer.text}
                type="button"
                aria-label={`${answer.text}: ${draft.source}`}
                className="mt-1 mr-1 min-h-11 rounded-lg border-2 border-rim px-2 text-left text-sm font-semibold text-rim hover:bg-sunk"
                onClick={() => {
                  const answered = {
                    ...draft,
                    amount: answer.amount ?? draft.amount,
                    food: answer.food ?? draft.food,
                    ignored: answer.ignored || draft.ignored,
                  };
                  // An answer is for this dish; only what is typed is remembered.
                  began.current = answered;
                  onChange(answered);
                }}
              >
                {answer.text}
              </button>
            ))}
          </>
        )}
      </td>
      <td className="py-1.5 pr-2">
        <input
          aria-label={`Amount of ${draft.source}`}
          className={INPUT}
          value={draft.amount}
          maxLength={200}
          onChange={(event) => set({ amount: event.target.value })}
        />
      </td>
      <td className="py-1.5 pr-2">
        <input
          aria-label={`Food of ${draft.source}`}
          className={INPUT}
          value={draft.food}
          maxLength={400}
          onChange={(event) => set({ food: event.target.value })}
          onBlur={() => commit(draft)}
        />
      </td>
      <td className="py-1.5 pr-2">
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
      </td>
      <td className="py-3 pr-2 text-right whitespace-nowrap">{draft.ignored ? "" : understood?.quantity}</td>
      <td className={`py-3 text-sm ${draft.ignored ? "" : sure.look}`}>
        {draft.ignored ? (
          "not used"
        ) : (
          <>
            <span aria-hidden="true">{sure.sign} </span>
            {sure.word}
            {(understood?.question ? [] : (understood?.doubts ?? [])).map((doubt) => (
              <span key={doubt} className="block text-xs text-soft">
                {doubt}
              </span>
            ))}
          </>
        )}
      </td>
      <td className="py-1.5 text-right">
        <DropdownMenu.Root>
          <DropdownMenu.Trigger
            aria-label={`More for ${draft.source}`}
            className="min-h-11 min-w-11 rounded-lg text-lg font-bold text-rim hover:bg-sunk"
          >
            <span aria-hidden="true">⋮</span>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              align="end"
              onCloseAutoFocus={(event) => splitting && event.preventDefault()}
              className="z-40 min-w-56 rounded-xl border-2 border-rim bg-panel p-1 shadow-lg"
            >
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => set({ ignored: !draft.ignored })}>
                {draft.ignored ? "It is an ingredient" : "Not an ingredient"}
              </DropdownMenu.Item>
              {parts
                .filter((part) => part.value !== of)
                .map((part) => (
                  <DropdownMenu.Item
                    key={part.value}
                    className={MENU_ITEM}
                    onSelect={() => onChange({ ...draft, part: part.value })}
                  >
                    {part.label}
                  </DropdownMenu.Item>
                ))}
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setSplitting(true)}>
                Split into two lines
              </DropdownMenu.Item>
              {canMerge && (
                <DropdownMenu.Item className={MENU_ITEM} onSelect={onMerge}>
                  Join to the line above
                </DropdownMenu.Item>
              )}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </td>
    </tr>
  );
}
