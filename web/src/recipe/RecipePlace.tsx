import { Collapsible } from "radix-ui";
import { useState } from "react";
import { useReading } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { Figure, Pick } from "../kit/Figure";
import { Notice } from "../kit/Notice";
import { useTable } from "../kit/useTable";
import { Lines } from "./Lines";
import { NotTaken } from "./NotTaken";
import { Original } from "./Original";
import { QuestionCard } from "./QuestionCard";
import { questionsOf } from "./questions";
import { Steps } from "./Steps";

/** What the recipe was taken for: what is asked, what was not taken, its lines, and its own words beside them. */
export function RecipePlace() {
  const { draft, view, catalogue, problem, change } = useBraisePlace();
  const table = useTable();
  const [open, setOpen] = useState<number | null>(null);
  const reading = useReading(draft.recipeText, draft.measures);
  const read = reading.data;
  const questions = questionsOf(draft, view, read, catalogue);
  const asked = questions.filter((one) => one.key.startsWith("line") || one.key === "way").length;
  const measures = draft.measures || read?.measures || "";
  const set = (part: Partial<typeof draft.original>) => change({ original: { ...draft.original, ...part } });
  const original = read && (
    <Original marks={read.marks} understood={view.understood} chosen={open} onChoose={setOpen} />
  );
  return (
    <div className="grid gap-x-8 pt-2 table:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4 table:col-span-2">
        <PlaceHeading className="text-xl font-bold text-rim">The recipe</PlaceHeading>
        <p role="status" className={`text-sm font-semibold ${asked === 0 ? "text-done" : "text-heat"}`}>
          {asked === 0 ? "✓ Nothing left to ask" : `▲ ${asked} to look at`}
        </p>
      </div>
      <div className="order-2 min-w-0 table:order-1 table:border-r table:border-line table:pr-6">
        {table ? (
          <>
            <h3 className="text-lg font-bold text-rim">As it was written</h3>
            {original ?? <pre className="font-sans text-sm whitespace-pre-wrap">{draft.recipeText}</pre>}
          </>
        ) : (
          <Collapsible.Root>
            <Collapsible.Trigger className="link mt-2">As it was written</Collapsible.Trigger>
            <Collapsible.Content>{original}</Collapsible.Content>
          </Collapsible.Root>
        )}
      </div>
      <div className="order-1 grid min-w-0 content-start gap-1 table:order-2">
        {read?.anotherAt != null && (
          <Notice kind="note" word="One of several">
            Another recipe begins on line {read.anotherAt} of the text. The first was read; for another, bring only its
            text.
          </Notice>
        )}
        {questions.map((question) => (
          <QuestionCard key={question.key} question={question} onOpen={setOpen} />
        ))}
        {read && <NotTaken unread={read.unread} measures={measures} />}
        <section aria-labelledby="own-way" className="border-t-2 border-rim pt-1.5 pb-2">
          <h3 id="own-way" className="text-lg font-bold">
            How the recipe cooks it
          </h3>
          <div className="grid gap-x-6 gap-y-1 grid-cols-2 sm:grid-cols-5">
            <Pick
              label="Way"
              wide
              value={draft.original.method}
              options={catalogue.methods}
              onChange={(method) => set({ method })}
            />
            <Figure
              above
              label="Time in the pot"
              value={draft.original.hours}
              placeholder="not said"
              problem={problem("original.hours")}
              note={draft.original.hours === "" ? "then the cut alone decides" : undefined}
              onChange={(hours) => set({ hours })}
            />
            <Figure
              above
              label="Oven"
              value={draft.original.oven}
              placeholder="none"
              problem={problem("original.oven")}
              onChange={(oven) => set({ oven })}
            />
            <Figure
              above
              label="Servings"
              inputMode="numeric"
              value={draft.serves}
              problem={problem("serves")}
              onChange={(serves) => change({ serves })}
            />
            <Pick
              label="Cups and spoons"
              wide
              value={draft.measures}
              empty={`guessed: ${catalogue.measures.find((one) => one.value === read?.measures)?.label ?? "…"}`}
              options={catalogue.measures}
              onChange={(value) => change({ measures: value })}
            />
          </div>
        </section>
        <Lines open={open} onOpen={setOpen} measures={measures} />
        {draft.steps.length > 0 && (
          <Collapsible.Root className="mt-2 border-t-2 border-rim pt-1.5">
            <Collapsible.Trigger className="link">
              Its {draft.steps.length} {draft.steps.length === 1 ? "sentence" : "sentences"}, and what each was taken
              for
            </Collapsible.Trigger>
            <Collapsible.Content>
              <Steps
                drafts={draft.steps}
                understood={view.steps}
                lines={draft.ingredients}
                problem={problem}
                onChange={(of) => change({ steps: of(draft.steps) })}
              />
            </Collapsible.Content>
          </Collapsible.Root>
        )}
      </div>
    </div>
  );
}
