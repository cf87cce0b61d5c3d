import { use } from "react";
import { readLines, useCatalogue, useForgetMeaning, useLearnMeaning } from "../api/queries";
import type { IngredientDraft, UnderstoodIngredient } from "../api/types";
import { ToastContext } from "../kit/toast";
import { IngredientRow } from "./IngredientRow";

export const rowId = (index: number) => `ingredient-${index}`;

/** The ingredients as understood, each beside its source; what should be looked at comes first. */
export function Ingredients({
  drafts,
  understood,
  measures,
  chosen = null,
  onChange,
}: {
  drafts: IngredientDraft[];
  understood: UnderstoodIngredient[];
  measures: string;
  chosen?: number | null;
  onChange: (change: (drafts: IngredientDraft[]) => IngredientDraft[]) => void;
}) {
  const catalogue = useCatalogue().data;
  const learn = useLearnMeaning();
  const forget = useForgetMeaning();
  const say = use(ToastContext);
  const asked = (index: number) => !drafts[index]?.ignored && (understood[index]?.question ?? "") !== "";
  const places = drafts.map((_, index) => index);
  const order = [...places.filter(asked), ...places.filter((index) => !asked(index))];

  const remember = (draft: IngredientDraft) =>
    learn.mutate(
      { source: draft.source, food: draft.food, role: draft.role, ignored: draft.ignored },
      {
        onSuccess: (meaning) =>
          say({
            text: `Remembered: “${meaning.words}” is ${meaning.text || "as read"}.`,
            action: { label: "Forget", run: () => forget.mutate(meaning.words) },
          }),
      },
    );

  const reread = async (from: number, count: number, sources: string[]) => {
    const read = await readLines({ sources, line: drafts[from]?.line ?? 0, measures });
    onChange((now) => [...now.slice(0, from), ...read, ...now.slice(from + count)]);
  };

  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways on a phone must take the focus
    <section aria-label="Ingredients as understood" tabIndex={0} className="relative overflow-x-auto">
      <table className="w-full min-w-[760px] table-fixed border-collapse">
        <colgroup>
          <col />
          <col className="w-[6.5rem]" />
          <col className="w-[22%]" />
          <col className="w-[8.6rem]" />
          <col className="w-[4.6rem]" />
          <col className="w-[6.4rem]" />
          <col className="w-[2.8rem]" />
        </colgroup>
        <thead>
          <tr className="border-b-2 border-rim text-left text-sm text-soft">
            <th className="py-1 pl-1 font-semibold">as written</th>
            <th className="py-1 font-semibold">amount</th>
            <th className="py-1 font-semibold">food</th>
            <th className="py-1 font-semibold">what it does</th>
            <th className="py-1 pr-2 text-right font-semibold">taken as</th>
            <th className="py-1 font-semibold">how sure</th>
            <th>
              <span className="sr-only">more</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {order.map((index) => {
            const draft = drafts[index];
            return (
              draft && (
                <IngredientRow
                  key={index}
                  id={rowId(index)}
                  draft={draft}
                  understood={understood[index]}
                  roles={catalogue?.roles ?? []}
                  parts={catalogue?.parts ?? []}
                  chosen={chosen === index}
                  canMerge={index > 0}
                  onChange={(changed) => onChange((now) => now.map((kept, at) => (at === index ? changed : kept)))}
                  onCommit={remember}
                  onMerge={() => reread(index - 1, 2, [`${drafts[index - 1]?.source ?? ""} ${draft.source}`])}
                  onSplit={(sources) => reread(index, 1, sources)}
                />
              )
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
