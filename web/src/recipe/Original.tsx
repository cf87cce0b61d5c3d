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
  unread: "border-b-2 border-dotted border-rim",
  blank: "",
};

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
  return (
    <div>
      <section
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must take the focus
        tabIndex={0}
        aria-label="Its text, marked"
        dir="auto"
        className="max-h-[70vh] overflow-y-auto text-sm whitespace-pre-wrap"
      >
        {marks.map((mark, index) => {
          const food = mark.kind === "food" && mark.index !== null ? understood[mark.index] : undefined;
          const here = mark.index !== null && mark.kind !== "step" && mark.index === chosen;
          if (food === undefined) {
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: marks have no other identity and never move
              <span key={index} className={`${LOOKS[mark.kind] ?? ""} ${here ? "bg-changed" : ""}`}>
                {mark.text}
              </span>
            );
          }
          const asked = food.question !== "";
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: marks have no other identity and never move
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
        })}
      </section>
      <p className="mt-2 text-xs text-soft">
        <span className="bg-attention-wash px-1 font-semibold text-ink">tinted ?</span> asked ·{" "}
        <span className="border-b-2 border-dotted border-rim text-ink">dotted</span> not taken · plain: taken
      </p>
    </div>
  );
}
