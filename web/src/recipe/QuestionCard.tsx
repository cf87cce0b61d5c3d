import { RadioGroup } from "radix-ui";
import { useId } from "react";
import { useCompared } from "../api/queries";
import { useBraisePlace } from "../braise/BraiseContext";
import { ComparedLane } from "../clock/ComparedLane";
import type { Question } from "./questions";

const MOST_COMPARED = 8;

/** A question with its answers, each as its own stretch under the clock and the liquid it leads to. */
export function QuestionCard({ question, onOpen }: { question: Question; onOpen: (line: number) => void }) {
  const { draft, view, change } = useBraisePlace();
  const id = useId();
  const answers = question.answers.slice(0, MOST_COMPARED);
  const compared = useCompared(
    draft,
    view.id,
    answers.map((one) => one.part as Record<string, unknown>),
    answers.length > 1 && view.adaptation !== null,
  ).data;
  const held = answers.findIndex((one) => one.holds);
  const most = compared?.find((one) => one.moved !== "")?.moved;
  return (
    <section aria-labelledby={id} className="border-t-2 border-rim pt-1.5 pb-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 id={id} className="text-lg font-bold">
          {question.text}
        </h3>
        <p className="text-sm text-soft">{most ?? ""}</p>
      </div>
      {question.source !== "" && (
        <p className="text-sm text-soft">
          <span className="rounded bg-attention-wash px-1 text-ink">{question.source}</span>{" "}
          {question.opens !== null && (
            <button type="button" className="link" onClick={() => onOpen(question.opens ?? 0)}>
              say it yourself
              <span className="sr-only"> for {question.source}</span>
            </button>
          )}
        </p>
      )}
      <RadioGroup.Root
        aria-labelledby={id}
        value={held < 0 ? "" : String(held)}
        onValueChange={(value) => {
          const answer = answers[Number(value)];
          if (answer !== undefined) {
            change(answer.part);
          }
        }}
        className="mt-0.5 grid"
      >
        {answers.map((answer, index) => (
          <RadioGroup.Item
            key={answer.text}
            value={String(index)}
            aria-label={question.source === "" ? answer.text : `${answer.text}: ${question.source}`}
            className="group grid min-h-9 grid-cols-[1.25rem_minmax(0,12rem)_minmax(0,1fr)] items-center gap-x-2 rounded text-left hover:bg-sunk data-[state=checked]:font-bold"
          >
            <span
              aria-hidden="true"
              className="inline-block size-4 rounded-full border-2 border-edge bg-panel group-data-[state=checked]:border-[5px] group-data-[state=checked]:border-rim"
            />
            <span className="min-w-0">{answer.text}</span>
            {compared?.[index] && <ComparedLane compared={compared[index]} />}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </section>
  );
}
