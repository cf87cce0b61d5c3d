import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Problem } from "../api/Problem";
import { useCatalogue, useReadRecipe } from "../api/queries";
import type { ReadRecipe } from "../api/types";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { keepReading, readings } from "./keptReadings";
import { KEPT_TEXT } from "./keptText";
import { ReadRecipeView } from "./ReadRecipeView";
import { readFile } from "./readFile";

const MOST_FILE_BYTES = 3_000_000;

const kilobytes = (bytes: number) => `${Math.round(bytes / 1000)} kB`;

/** Paste or open a recipe, see what was made of it, correct it, and take it to the workbench. */
export function BringPage() {
  useTitle("Bring a recipe");
  const [text, setText] = useState(() => sessionStorage.getItem(KEPT_TEXT) ?? "");
  const [dropping, setDropping] = useState(false);
  const [fileProblem, setFileProblem] = useState("");
  const read = useReadRecipe();
  const navigate = useNavigate();
  const earlier = readings();
  const picker = useRef<HTMLInputElement>(null);
  const most = useCatalogue().data?.mostRecipeBytes ?? 200_000;
  const bytes = new TextEncoder().encode(text).length;
  const tooLong =
    bytes > most
      ? `This is ${kilobytes(bytes)} of text; at most ${kilobytes(most)} can be read. Leave out the page around the recipe.`
      : undefined;
  const problem =
    tooLong ||
    fileProblem ||
    (read.error instanceof Problem ? (read.error.at("text") ?? read.error.message) : undefined);

  const keep = (value: string) => {
    setText(value);
    setFileProblem("");
    read.reset();
    try {
      sessionStorage.setItem(KEPT_TEXT, value);
    } catch {
      // Too large to keep across a reload; it stays on the page.
    }
  };

  const goTo = (answer: ReadRecipe) => {
    const id = Math.random().toString(36).slice(2, 10);
    if (keepReading({ id, read: answer, draft: answer.draft })) {
      navigate(`/bring/${id}`);
    }
  };

  const open = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    if (file.size > MOST_FILE_BYTES) {
      setFileProblem(
        `${file.name} is ${kilobytes(file.size)}; at most ${kilobytes(MOST_FILE_BYTES)} can be opened. Save the page without its pictures, or paste the recipe.`,
      );
      return;
    }
    setFileProblem("");
    read.mutate({ text: await readFile(file), name: file.name, measures: "" }, { onSuccess: goTo });
  };

  if (read.data) {
    return (
      <ReadRecipeView
        kept={{ id: "", read: read.data, draft: read.data.draft }}
        onBack={(draft) => {
          setText(draft.recipeText);
          read.reset();
        }}
        onDone={() => sessionStorage.removeItem(KEPT_TEXT)}
      />
    );
  }
  return (
    <div className="grid gap-4">
      <h1 className="text-2xl font-bold">Bring a recipe</h1>
      <form
        className={`max-w-3xl rounded-xl ${dropping ? "outline-4 outline-rim outline-dashed" : ""}`}
        onSubmit={(event) => {
          event.preventDefault();
          read.mutate({ text, name: "", measures: "" }, { onSuccess: goTo });
        }}
        onDragOver={(event) => {
          event.preventDefault();
          setDropping(true);
        }}
        onDragLeave={() => setDropping(false)}
        onDrop={(event) => {
          event.preventDefault();
          setDropping(false);
          open(event.dataTransfer.files[0]);
        }}
      >
        <label htmlFor="recipe" className="block font-semibold">
          The recipe, as it is written
        </label>
        <p id="recipe-limit" className="text-sm text-soft">
          Typed, copied, dictated, story and all. Or open a .txt, .md, .json or saved .html file, or drop it here. Up to{" "}
          {kilobytes(most)} of text{bytes > most / 2 ? `, now ${kilobytes(bytes)}` : ""}.
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
        <div className="mt-3 flex flex-wrap gap-3">
          <Button type="submit" weight="main" disabled={read.isPending || tooLong !== undefined}>
            {read.isPending ? "Reading …" : "Read it"}
          </Button>
          <Button onClick={() => picker.current?.click()} disabled={read.isPending}>
            Open a file
          </Button>
          <input
            ref={picker}
            type="file"
            accept=".txt,.md,.markdown,.json,.jsonld,.html,.htm,text/plain,text/markdown,text/html,application/json,application/ld+json"
            aria-label="Recipe file"
            className="sr-only"
            tabIndex={-1}
            onChange={(event) => {
              open(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </div>
      </form>
      {earlier.length > 0 && (
        <section className="max-w-3xl">
          <h2 className="font-semibold">Read, and not yet a braise</h2>
          <ul>
            {earlier.map((one) => (
              <li key={one.id}>
                <Link to={`/bring/${one.id}`} className="inline-flex min-h-11 items-center underline">
                  {one.draft.title || "No name yet"}
                </Link>
              </li>
            ))}
          </ul>
          <p className="text-sm text-soft">They stay on this device until you go on with them.</p>
        </section>
      )}
    </div>
  );
}
