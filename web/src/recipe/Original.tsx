import type { MarkView, UnderstoodIngredient } from "../api/types";
import { sureness } from "./sureness";

const LOOKS: Record<string, string> = {
  title: "font-bold",
  heading: "font-semibold text-rim",
  facts: "font-semibold",
  amount: "border-b-2 border-rim font-semibold",
  food: "border-b-2 border-dashed border-rim",
  note: "",
  step: "",
  unread: "rounded bg-[repeating-linear-gradient(135deg,transparent_0_5px,var(--line)_5px_6px)] text-soft",
  blank: "",
};

/**
 * The recipe as it was brought, every stretch marked with what it was taken for.
 *
 * A food is a way to its reading; what was not read is hatched.
 */
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
      <p className="mb-2 text-sm text-soft">
        <span className="border-b-2 border-rim font-semibold">amount</span>
        {" · "}
        <span className="border-b-2 border-dashed border-rim">food</span>
        {" · "}
        <span className={LOOKS.unread}>not read</span>
        {" · ✓ sure, ≈ fairly, ? a guess"}
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must take the focus */}
      <section tabIndex={0} aria-label="Its text, marked" className="max-h-[70vh] overflow-y-auto whitespace-pre-wrap">
        {marks.map((mark, index) => {
          const food = mark.kind === "food" && mark.index !== null ? understood[mark.index] : undefined;
          const look = `${LOOKS[mark.kind] ?? ""} ${mark.index !== null && mark.kind !== "step" && mark.index === chosen ? "bg-attention-wash" : ""}`;
          if (food === undefined) {
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: marks have no other identity and never move
              <span key={index} className={look}>
                {mark.text}
              </span>
            );
          }
          const sure = sureness(food.sureness);
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: marks have no other identity and never move
              key={index}
              type="button"
              className={`${look} inline whitespace-pre-wrap text-left hover:bg-sunk`}
              aria-label={`${mark.text}: ${food.roleText}, ${sure.word}; to its reading`}
              onClick={() => onChoose(mark.index ?? 0)}
            >
              {mark.text}
              <sup aria-hidden="true" className={`font-bold ${sure.look}`}>
                {sure.sign}
              </sup>
            </button>
          );
        })}
      </section>
    </div>
  );
}
