import type { IngredientDraft, UnderstoodIngredient } from "../api/types";
import { INPUT } from "../kit/TextField";

const SURENESS: Record<string, { sign: string; word: string; look: string }> = {
  sure: { sign: "✓", word: "sure", look: "text-done" },
  fairly: { sign: "≈", word: "fairly sure", look: "text-soft" },
  guess: { sign: "?", word: "a guess", look: "text-heat" },
};

/** One line of the recipe: as written, and what was made of it, which can be corrected in place. */
export function IngredientRow({
  draft,
  understood,
  roles,
  onChange,
}: {
  draft: IngredientDraft;
  understood: UnderstoodIngredient | undefined;
  roles: { value: string; label: string }[];
  onChange: (draft: IngredientDraft) => void;
}) {
  const sureness = SURENESS[understood?.sureness ?? "sure"];
  return (
    <tr className={`border-b border-line align-top ${draft.ignored ? "text-soft" : ""}`}>
      <td className="py-2.5 pr-3 break-words">
        <span className={draft.ignored ? "line-through" : ""}>{draft.source}</span>
        {!draft.ignored && understood?.question && (
          <span className="block text-sm font-semibold text-heat">▲ {understood.question}</span>
        )}
      </td>
      <td className="py-1.5 pr-2">
        <input
          aria-label={`Amount of ${draft.source}`}
          className={INPUT}
          value={draft.amount}
          maxLength={200}
          onChange={(event) => onChange({ ...draft, amount: event.target.value })}
        />
      </td>
      <td className="py-1.5 pr-2">
        <input
          aria-label={`Food of ${draft.source}`}
          className={INPUT}
          value={draft.food}
          maxLength={400}
          onChange={(event) => onChange({ ...draft, food: event.target.value })}
        />
      </td>
      <td className="py-1.5 pr-2">
        <select
          aria-label={`Role of ${draft.source}`}
          className={INPUT}
          value={draft.role}
          onChange={(event) => onChange({ ...draft, role: event.target.value })}
        >
          <option value="">{understood?.roleText ?? "…"}</option>
          {roles.map((role) => (
            <option key={role.value} value={role.value}>
              {role.label}
            </option>
          ))}
        </select>
      </td>
      <td className="py-3 pr-2 text-right whitespace-nowrap">{understood?.quantity}</td>
      <td className={`py-3 text-sm whitespace-nowrap ${sureness?.look}`}>
        <span aria-hidden="true">{sureness?.sign} </span>
        {sureness?.word}
      </td>
      <td className="py-1.5 text-right">
        <button
          type="button"
          className="min-h-11 rounded-lg px-2 text-sm text-rim underline hover:bg-sunk"
          onClick={() => onChange({ ...draft, ignored: !draft.ignored })}
          aria-label={`${draft.ignored ? "count" : "omit"} ${draft.source}`}
        >
          {draft.ignored ? "count" : "omit"}
        </button>
      </td>
    </tr>
  );
}
