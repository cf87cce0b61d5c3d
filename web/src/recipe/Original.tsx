import { Collapsible } from "radix-ui";
import type { MarkView, UnderstoodIngredient } from "../api/types";
import { sureness } from "./sureness";

const LOOKS: Record<string, string> = {
  title: "font-bold",
  heading: "font-semibold text-rim",
  facts: "font-semibold",
  amount: "",
  food: "",
  note: "",
  step: "",
  tip: "italic",
  around: "text-soft",
  unread: "border-b-2 border-dotted border-rim",
  blank: "",
};

/** Fewer lines than this of the page around a recipe are not worth folding. */
const FEW = 4;

type Shown = { marks: { mark: MarkView; at: number }[]; around: boolean };

/** The marks in their order, those of the page around the recipe together. */
function stretches(marks: MarkView[]): Shown[] {
  const shown: Shown[] = [];
  marks.forEach((mark, at) => {
    const last = shown[shown.length - 1];
    const around = mark.kind === "around" || (mark.kind === "blank" && last?.around === true);
    if (last !== undefined && last.around === around) {
      last.marks.push({ mark, at });
    } else {
      shown.push({ marks: [{ mark, at }], around });
    }
  });
  return shown;
}

const linesOf = (shown: Shown) =>
  shown.marks
    .map((one) => one.mark.text)
    .join("")
    .trim()
    .split(/\n+/).length;

/** The recipe as it was brought: what is asked is tinted and leads to its line, what was not taken is dotted. */
export function Original({
  marks,
  understood,
  chosen,
  onChoose,
}: {
  marks: MarkView[];
  understood: UnderstoodIngredient[];
  chosen: number | null;
  onChoose: (ingredient: number) => void;
}) {
  const piece = (mark: MarkView, index: number) => {
    const food = mark.kind === "food" && mark.index !== null ? understood[mark.index] : undefined;
    const here = mark.index !== null && mark.kind !== "step" && mark.index === chosen;
    if (food === undefined) {
      return (
        <span key={index} className={`${LOOKS[mark.kind] ?? ""} ${here ? "bg-changed" : ""}`}>
          {mark.text}
        </span>
      );
    }
    const asked = food.question !== "";
    return (
      <button
        key={index}
        type="button"
        tabIndex={asked ? 0 : -1}
        className={`inline text-left whitespace-pre-wrap hover:bg-sunk ${asked ? "bg-attention-wash font-bold" : ""} ${here ? "bg-changed" : ""}`}
        aria-label={`${mark.text}: ${food.roleText}, ${sureness(food.sureness).word}; to its line`}
        onClick={() => onChoose(mark.index ?? 0)}
      >
        {mark.text}
        {asked && " ?"}
      </button>
    );
  };
  return (
    <div>
      <section
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must take the focus
        tabIndex={0}
        aria-label="Its text, marked"
        dir="auto"
        className="max-h-[70vh] overflow-y-auto text-sm whitespace-pre-wrap"
      >
        {stretches(marks).map((shown) =>
          shown.around && linesOf(shown) >= FEW ? (
            <Collapsible.Root key={shown.marks[0]?.at}>
              <Collapsible.Trigger className="link text-soft">
                … the page around it, {linesOf(shown)} lines
              </Collapsible.Trigger>
              <Collapsible.Content className="text-soft">
                {shown.marks.map((one) => one.mark.text).join("")}
              </Collapsible.Content>
            </Collapsible.Root>
          ) : (
            shown.marks.map(({ mark, at }) => piece(mark, at))
          ),
        )}
      </section>
      <p className="mt-2 text-xs text-soft">
        <span className="bg-attention-wash px-1 font-semibold text-ink">tinted ?</span> asked ·{" "}
        <span className="border-b-2 border-dotted border-rim text-ink">dotted</span> not taken ·{" "}
        <span className="italic">slanted</span>: its own notes · plain: taken
      </p>
    </div>
  );
}
