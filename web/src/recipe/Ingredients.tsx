import { useCatalogue } from "../api/queries";
import type { IngredientDraft, UnderstoodIngredient } from "../api/types";
import { IngredientRow } from "./IngredientRow";

/** The ingredients as understood, each beside its source. */
export function Ingredients({
  drafts,
  understood,
  onChange,
}: {
  drafts: IngredientDraft[];
  understood: UnderstoodIngredient[];
  onChange: (drafts: IngredientDraft[]) => void;
}) {
  const roles = useCatalogue().data?.roles ?? [];
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways on a phone must take the focus
    <section aria-label="Ingredients as understood" tabIndex={0} className="relative overflow-x-auto">
      <table className="w-full min-w-[820px] table-fixed border-collapse">
        <colgroup>
          <col />
          <col className="w-[6.5rem]" />
          <col className="w-[23%]" />
          <col className="w-[9.5rem]" />
          <col className="w-[5.2rem]" />
          <col className="w-[5.8rem]" />
          <col className="w-[3.6rem]" />
        </colgroup>
        <thead>
          <tr className="border-b-2 border-rim text-left text-sm text-soft">
            <th className="py-1 font-semibold">as written</th>
            <th className="py-1 font-semibold">amount</th>
            <th className="py-1 font-semibold">food</th>
            <th className="py-1 font-semibold">what it does</th>
            <th className="py-1 pr-2 text-right font-semibold">taken as</th>
            <th className="py-1 font-semibold">how sure</th>
            <th>
              <span className="sr-only">leave out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {drafts.map((draft, index) => (
            <IngredientRow
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other identity and keep their order
              key={index}
              draft={draft}
              understood={understood[index]}
              roles={roles}
              onChange={(changed) => onChange(drafts.map((kept, at) => (at === index ? changed : kept)))}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}
