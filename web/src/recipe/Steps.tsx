import { useCatalogue } from "../api/queries";
import type { StepDraft, UnderstoodStep } from "../api/types";
import { INPUT } from "../kit/TextField";

/** The method, sentence by sentence, with what each was taken for, open to correction. */
export function Steps({
  drafts,
  understood,
  problem,
  onChange,
}: {
  drafts: StepDraft[];
  understood: UnderstoodStep[];
  problem: (path: string) => string | undefined;
  onChange: (change: (drafts: StepDraft[]) => StepDraft[]) => void;
}) {
  const kinds = useCatalogue().data?.stepKinds ?? [];
  const set = (index: number, part: Partial<StepDraft>) =>
    onChange((now) => now.map((kept, at) => (at === index ? { ...kept, ...part } : kept)));
  return (
    <ol className="grid gap-1">
      {drafts.map((draft, index) => {
        const step = understood[index];
        return (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: sentences have no other identity and never move
            key={index}
            className="grid gap-x-3 gap-y-1 border-b border-line py-1.5 items-start sm:grid-cols-[9.5rem_8rem_1fr]"
          >
            <select
              aria-label={`What is done: ${draft.source}`}
              className={`${INPUT} text-sm`}
              value={draft.kind}
              onChange={(event) => set(index, { kind: event.target.value })}
            >
              <option value="">{step ? step.acts.join(", ") || "nothing to do" : "…"}</option>
              {kinds.map((kind) => (
                <option key={kind.value} value={kind.value}>
                  {kind.label}
                </option>
              ))}
            </select>
            <input
              aria-label={`Minutes of: ${draft.source}`}
              className={`${INPUT} text-sm`}
              placeholder={step?.time || "no time"}
              value={draft.minutes}
              maxLength={40}
              onChange={(event) => set(index, { minutes: event.target.value })}
            />
            <span className="min-w-0 py-2">
              {draft.source}
              {step?.said && <span className="block text-sm font-semibold text-rim">{step.said}</span>}
              {step && step.details.length > 0 && (
                <span className="block text-sm text-soft">{step.details.join(" · ")}</span>
              )}
              {problem(`steps.${index}.kind`) && (
                <span className="block text-sm font-semibold text-heat">▲ {problem(`steps.${index}.kind`)}</span>
              )}
              {step?.question && <span className="block text-sm font-semibold text-heat">▲ {step.question}</span>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
