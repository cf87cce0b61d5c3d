import { useState } from "react";
import { Problem } from "../api/Problem";
import { useCatalogue, useReadRecipe } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { ReadRecipeView } from "./ReadRecipeView";

const KEPT = "pausis.bring";

/** Paste a recipe, see what was made of it, correct it, and take it to the workbench. */
export function BringPage() {
  useTitle("Bring a recipe");
  const [text, setText] = useState(() => sessionStorage.getItem(KEPT) ?? "");
  const read = useReadRecipe();
  const most = useCatalogue().data?.mostRecipeBytes ?? 200_000;
  const bytes = new TextEncoder().encode(text).length;
  const tooLong =
    bytes > most
      ? `This is ${Math.round(bytes / 1000)} kB of text; at most ${most / 1000} kB can be read. Leave out the page around the recipe.`
      : undefined;
  const problem =
    tooLong ?? (read.error instanceof Problem ? (read.error.at("text") ?? read.error.message) : undefined);

  const keep = (value: string) => {
    setText(value);
    read.reset();
    try {
      sessionStorage.setItem(KEPT, value);
    } catch {
      // Too large to keep across a reload; it stays on the page.
    }
  };

  return (
    <div className="grid gap-4">
      <h1 className="text-2xl font-bold">Bring a recipe</h1>
      <div className={read.data ? "grid gap-4 lg:grid-cols-[minmax(260px,340px)_1fr]" : "max-w-3xl"}>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            read.mutate(text);
          }}
        >
          <label htmlFor="recipe" className="block font-semibold">
            The recipe, as it is written
          </label>
          <p id="recipe-limit" className="text-sm text-soft">
            Typed, copied or dictated; ingredients one on a line if you can. Up to {most / 1000} kB
            {bytes > most / 2 ? `, now ${Math.round(bytes / 1000)} kB` : ""}.
          </p>
          <textarea
            id="recipe"
            aria-describedby={problem ? "recipe-problem recipe-limit" : "recipe-limit"}
            aria-invalid={problem ? true : undefined}
            className="mt-1 block min-h-72 w-full rounded-xl border-2 border-rim bg-panel p-3 aria-[invalid]:border-heat lg:min-h-[26rem]"
            placeholder={
              "Shin with barley\nServes 4\n\n1 kg beef shin\n2 onions, sliced\n750 ml beef stock\n…\n\nBrown the meat. Cover and cook in the oven at 150° for 3 hours."
            }
            value={text}
            onChange={(event) => keep(event.target.value)}
          />
          {problem && (
            <div id="recipe-problem" className="mt-2">
              <Notice kind="warn" word="Not read" live>
                {problem}
              </Notice>
            </div>
          )}
          <Button type="submit" weight="main" className="mt-3" disabled={read.isPending || tooLong !== undefined}>
            {read.isPending ? "Reading …" : "Read it"}
          </Button>
        </form>
        {read.data && <ReadRecipeView key={text} read={read.data} onDone={() => sessionStorage.removeItem(KEPT)} />}
      </div>
    </div>
  );
}
