import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { useCatalogue, useCreateBraise, usePreview } from "../api/queries";
import type { BraiseDraft, IngredientDraft, OriginalDraft, StepDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Choices } from "../kit/Choices";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { UndoButtons } from "../kit/UndoButtons";
import { useDebounced } from "../kit/useDebounced";
import { useHistory } from "../kit/useHistory";
import { Ingredients, rowId } from "../recipe/Ingredients";
import { Original } from "../recipe/Original";
import { Steps } from "../recipe/Steps";
import { type KeptReading, keepReading } from "./keptReadings";
import { NotTaken } from "./NotTaken";

const sameWay = (one: OriginalDraft, other: OriginalDraft) =>
  one.method === other.method && one.hours === other.hours && one.oven === other.oven;

/** The original on one side, what was made of it on the other, open to correction before it becomes a braise. */
export function ReadRecipeView({
  kept,
  onBack,
  onDone,
}: {
  kept: KeptReading;
  onBack: (draft: BraiseDraft) => void;
  onDone: () => void;
}) {
  const read = kept.read;
  const history = useHistory(kept.draft);
  const draft = history.now;
  useEffect(() => {
    if (kept.id !== "" && draft !== kept.draft) {
      keepReading({ ...kept, draft });
    }
  }, [kept, draft]);
  const [chosen, setChosen] = useState<number | null>(null);
  const preview = usePreview(useDebounced(draft, 250));
  const create = useCreateBraise();
  const navigate = useNavigate();
  const catalogue = useCatalogue().data;
  const settled = preview.data?.understood.length === draft.ingredients.length ? preview.data : undefined;
  const understood = settled?.understood ?? read.understood;
  const steps = settled?.steps ?? read.steps;
  const problems = preview.data?.problems ?? [];
  const problem = (path: string) => problems.find((one) => one.path === path)?.message;
  const open = understood.filter((one, index) => one.question !== "" && !draft.ingredients[index]?.ignored).length;
  const set = (part: Partial<BraiseDraft>) => history.change((now) => ({ ...now, ...part }));
  const guessed = catalogue?.measures.find((one) => one.value === read.measures)?.label ?? read.measures;

  const choose = (ingredient: number) => {
    setChosen(ingredient);
    const row = document.getElementById(rowId(ingredient));
    row?.scrollIntoView({ block: "nearest" });
    row?.querySelector("input")?.focus({ preventScroll: true });
  };

  const adapt = () =>
    create.mutate(draft, {
      onSuccess: (braise) => {
        onDone();
        navigate(`/braises/${braise.id}`);
      },
    });

  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-2xl font-bold">What was read</h1>
        <UndoButtons {...history} />
        <Button onClick={() => onBack(draft)}>Back to the text</Button>
        <Button weight="main" onClick={adapt} disabled={create.isPending}>
          Go on: meat, cooker and day
        </Button>
      </div>
      {read.anotherAt !== null && (
        <Notice kind="note" word="One of several">
          Another recipe begins on line {read.anotherAt} of the text. The first was read; for another, go back and leave
          only its text.
        </Notice>
      )}
      {create.error && (
        <Notice kind="warn" word="Not saved" live>
          {create.error.message}
        </Notice>
      )}
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(260px,340px)_minmax(0,1fr)]">
        <div className="lg:sticky lg:top-3">
          <Panel title="The original">
            <Original marks={read.marks} understood={read.understood} chosen={chosen} onChoose={choose} />
          </Panel>
        </div>
        <div className="grid min-w-0 content-start gap-3">
          <Panel
            title="Ingredients"
            aside={
              <span
                className={`text-sm ${open === 0 ? "font-semibold text-done" : "font-semibold text-heat"}`}
                role="status"
              >
                {open === 0 ? "✓ Nothing left to ask" : `▲ ${open} to look at, first in the list`}
              </span>
            }
          >
            <div className="mb-3 grid gap-3 sm:grid-cols-[1fr_5rem_13rem]">
              <TextField label="Name" value={draft.title} maxLength={200} onChange={(title) => set({ title })} />
              <TextField
                label="Serves"
                inputMode="numeric"
                value={draft.serves}
                problem={problem("serves")}
                onChange={(serves) => set({ serves })}
              />
              <SelectField
                label="Cups and spoons"
                value={draft.measures}
                empty={`guessed: ${guessed}`}
                options={catalogue?.measures ?? []}
                onChange={(measures) => set({ measures })}
              />
            </div>
            <Ingredients
              drafts={draft.ingredients}
              understood={understood}
              measures={draft.measures || read.measures}
              chosen={chosen}
              onChange={(change: (drafts: IngredientDraft[]) => IngredientDraft[]) =>
                history.change((now) => ({ ...now, ingredients: change(now.ingredients) }))
              }
            />
            <NotTaken
              unread={read.unread}
              taken={draft.ingredients.map((one) => one.source)}
              measures={draft.measures || read.measures}
              onTake={(line) => history.change((now) => ({ ...now, ingredients: [...now.ingredients, line] }))}
            />
          </Panel>
          <Panel title="How the recipe cooks it">
            {read.asksTheWay && draft.original.hours === read.draft.original.hours && (
              <p className="mb-2 font-semibold text-heat">
                ▲ How it cooks, and how long, isn’t plain from the text. Say it here, or leave the time empty: then the
                cut alone decides.
              </p>
            )}
            {read.ways.length > 1 && (
              <div className="mb-3">
                <Choices
                  label="The recipe tells more than one way"
                  value={read.ways.find((way) => sameWay(way.original, draft.original))?.text ?? ""}
                  options={read.ways.map((way) => ({ value: way.text, label: way.text, hint: "" }))}
                  onChange={(text) => {
                    const way = read.ways.find((one) => one.text === text);
                    if (way !== undefined) {
                      set({ original: way.original });
                    }
                  }}
                />
              </div>
            )}
            <div className="mb-3 grid gap-3 sm:grid-cols-3">
              <SelectField
                label="Way"
                value={draft.original.method}
                options={catalogue?.methods ?? []}
                onChange={(method) => set({ original: { ...draft.original, method } })}
              />
              <TextField
                label="Time in the pot"
                value={draft.original.hours}
                problem={problem("original.hours")}
                note={draft.original.hours === "" ? "Not found in the text; leave empty if you don’t know." : undefined}
                onChange={(hours) => set({ original: { ...draft.original, hours } })}
              />
              <TextField
                label="Oven"
                value={draft.original.oven}
                problem={problem("original.oven")}
                onChange={(oven) => set({ original: { ...draft.original, oven } })}
              />
            </div>
            <Steps
              drafts={draft.steps}
              understood={steps}
              onChange={(change: (drafts: StepDraft[]) => StepDraft[]) =>
                history.change((now) => ({ ...now, steps: change(now.steps) }))
              }
            />
          </Panel>
        </div>
      </div>
    </div>
  );
}
