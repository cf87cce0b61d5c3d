import type { BraiseDraft, BraiseView, Catalogue, IngredientDraft, ReadRecipe } from "../api/types";

/** One answer that can be pressed: what the draft then says. */
export type Answer = { text: string; part: Partial<BraiseDraft>; holds: boolean };

export type Question = { key: string; text: string; source: string; answers: Answer[]; opens: number | null };

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

const answer = (draft: BraiseDraft, text: string, part: Partial<BraiseDraft>): Answer => ({
  text,
  part,
  holds: Object.entries(part).every(([field, value]) => same(draft[field as keyof BraiseDraft], value)),
});

const replaced = (lines: IngredientDraft[], index: number, part: Partial<IngredientDraft>) =>
  lines.map((line, at) => (at === index ? { ...line, ...part } : line));

/** What a cook is asked about a recipe, the way of cooking first; every answer is a change of the draft. */
export function questionsOf(
  draft: BraiseDraft,
  view: BraiseView,
  read: ReadRecipe | undefined,
  catalogue: Catalogue,
): Question[] {
  const questions: Question[] = [];
  if (read !== undefined && read.ways.length > 1) {
    questions.push({
      key: "ways",
      text: "The recipe tells more than one way. Which was it?",
      source: "",
      answers: read.ways.map((way) => answer(draft, way.text, { original: way.original })),
      opens: null,
    });
  } else if (read?.asksTheWay) {
    questions.push({
      key: "way",
      text: "How was it cooked?",
      source: draft.original.hours === "" ? "no time was found in the text" : "not plain from the text",
      answers: catalogue.methods.map((method) =>
        answer(draft, method.label, { original: { ...draft.original, method: method.value } }),
      ),
      opens: null,
    });
  }
  const cutUp = view.understood.find((one, index) => one.pieces.length > 0 && !draft.ingredients[index]?.ignored);
  if (cutUp !== undefined) {
    const counts = [...new Set([...cutUp.pieces.map(String), draft.meat.pieces])];
    questions.push({
      key: "pieces",
      text: "How many pieces are that?",
      source: cutUp.source,
      answers: counts.map((pieces) =>
        answer(draft, pieces === "1" ? "One, as taken" : `${pieces} pieces`, {
          meat: { ...draft.meat, pieces },
        }),
      ),
      opens: null,
    });
  }
  draft.ingredients.forEach((line, index) => {
    const understood = view.understood[index];
    if (line.ignored || understood === undefined || understood.question === "") {
      return;
    }
    questions.push({
      key: `line ${line.id}`,
      text: understood.question,
      source: line.source,
      answers: understood.answers.map((one) =>
        answer(draft, one.text, {
          ingredients: replaced(draft.ingredients, index, {
            amount: one.amount ?? line.amount,
            food: one.food ?? line.food,
            ignored: one.ignored || line.ignored,
          }),
        }),
      ),
      opens: index,
    });
  });
  draft.steps.forEach((step, index) => {
    const question = view.steps[index]?.question ?? "";
    if (question !== "") {
      questions.push({ key: `step ${step.id}`, text: question, source: step.source, answers: [], opens: null });
    }
  });
  return questions;
}
