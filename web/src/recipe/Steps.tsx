import { useState } from "react";
import { useCatalogue } from "../api/queries";
import type { IngredientDraft, StepDraft, UnderstoodStep } from "../api/types";
import { INPUT } from "../kit/TextField";
import { StepDetails } from "./StepDetails";

/** The method, sentence by sentence, with what each was taken for, open to correction. */
export function Steps({
  drafts,
  understood,
  lines,
  problem,
  onChange,
}: {
  drafts: StepDraft[];
  understood: UnderstoodStep[];
  lines: IngredientDraft[];
  problem: (path: string) => string | undefined;
  onChange: (change: (drafts: StepDraft[]) => StepDraft[]) => void;
}) {
  const kinds = useCatalogue().data?.stepKinds ?? [];
  const [open, setOpen] = useState<string | null>(null);
  const set = (index: number, part: Partial<StepDraft>) =>
    onChange((now) => now.map((kept, at) => (at === index ? { ...kept, ...part } : kept)));
  const name = (id: string) => lines.find((one) => one.id === id)?.food ?? "";
  return (
    <ol className="grid gap-1">
      {drafts.map((draft, index) => {
        const step = understood[index];
        const taken = (step?.foods ?? []).map(name).filter((food) => food !== "");
        const wrong = problem(`steps.${index}.kind`) ?? problem(`steps.${index}.offset`);
        return (
          <li
            key={draft.id || index}
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
            <div className="min-w-0 py-1.5">
              <p>{draft.source}</p>
              {step?.said && <p className="text-sm font-semibold text-rim">{step.said}</p>}
              <p className="text-sm text-soft">
                {[taken.length > 0 ? `takes ${taken.join(", ")}` : "", step?.when ?? "", ...(step?.details ?? [])]
                  .filter((part) => part !== "")
                  .join(" · ")}{" "}
                <button
                  type="button"
                  className="link"
                  aria-expanded={open === draft.id}
                  onClick={() => setOpen(open === draft.id ? null : draft.id)}
                >
                  {open === draft.id ? "Close" : "When, with what"}
                  <span className="sr-only">: {draft.source}</span>
                </button>
              </p>
              {wrong && <p className="text-sm font-semibold text-heat">▲ {wrong}</p>}
              {step?.question && <p className="text-sm font-semibold text-heat">▲ {step.question}</p>}
              {open === draft.id && (
                <StepDetails
                  draft={draft}
                  step={step}
                  lines={lines}
                  first={index === 0}
                  last={index === drafts.length - 1}
                  onSet={(part) => set(index, part)}
                  onMove={(by) => onChange((now) => moved(now, index, by))}
                  onSplit={(sources) => onChange((now) => split(now, index, sources))}
                  onJoin={() => onChange((now) => joined(now, index))}
                />
              )}
            </div>
          </li>
        );
      })}
    </ol>
  );
}

function moved(steps: StepDraft[], index: number, by: -1 | 1): StepDraft[] {
  const one = steps[index];
  const rest = steps.filter((_, at) => at !== index);
  return one === undefined ? steps : [...rest.slice(0, index + by), one, ...rest.slice(index + by)];
}

/** The second half is a sentence of its own, as it is read. */
function split(steps: StepDraft[], index: number, sources: string[]): StepDraft[] {
  return steps.flatMap((step, at) =>
    at !== index
      ? [step]
      : sources.map((source, k) => ({
          ...step,
          source,
          foods: null,
          ...(k > 0
            ? { kind: "", minutes: "", when: "", offset: "", id: `own-${Math.random().toString(36).slice(2, 10)}` }
            : {}),
        })),
  );
}

function joined(steps: StepDraft[], index: number): StepDraft[] {
  return steps.flatMap((step, at) => {
    const next = steps[index];
    return at === index
      ? []
      : at === index - 1 && next !== undefined
        ? [{ ...step, source: `${step.source} ${next.source}`, foods: null }]
        : [step];
  });
}
