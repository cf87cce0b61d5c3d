import type { UnderstoodStep } from "../api/types";

/** The method, sentence by sentence, with what each was taken for. */
export function Steps({ steps }: { steps: UnderstoodStep[] }) {
  return (
    <ol className="grid gap-1">
      {steps.map((step, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: sentences have no other identity and never move
        <li key={index} className="grid grid-cols-[8.5rem_1fr] gap-3 border-b border-line py-1">
          <span className="text-sm text-rim">
            <strong>{step.kind}</strong>
            {step.time && <span className="block text-soft">{step.time}</span>}
          </span>
          <span>{step.source}</span>
        </li>
      ))}
    </ol>
  );
}
