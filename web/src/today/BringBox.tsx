import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Problem } from "../api/Problem";
import { useCatalogue, useCreateBraise, useReadRecipe } from "../api/queries";
import type { ReadRecipe } from "../api/types";
import { KEPT_TEXT } from "../bring/keptText";
import { readFile } from "../bring/readFile";
import { SAMPLE } from "../bring/sample";
import { Button } from "../kit/Button";

const MOST_FILE_BYTES = 3_000_000;

const size = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.round(bytes / 1000)} kB` : `${Math.round(bytes / 100_000) / 10} MB`;

/** The box to paste a recipe into, as it is written; read, it is a braise at once, kept like any other. */
export function BringBox({ wide, tall = false }: { wide: boolean; tall?: boolean }) {
  const [text, setText] = useState(() => sessionStorage.getItem(KEPT_TEXT) ?? "");
  const [dropping, setDropping] = useState(false);
  const [fileProblem, setFileProblem] = useState("");
  const read = useReadRecipe();
  const create = useCreateBraise();
  const navigate = useNavigate();
  const picker = useRef<HTMLInputElement>(null);
  const most = useCatalogue().data?.mostRecipeBytes ?? 200_000;
  const bytes = new TextEncoder().encode(text).length;
  const tooLong =
    bytes > most
      ? `This is ${size(bytes)} of text; at most ${size(most)} can be read. Leave out the page around the recipe.`
      : undefined;
  const error = read.error ?? create.error;
  const problem =
    tooLong || fileProblem || (error instanceof Problem ? (error.at("text") ?? error.message) : error?.message);
  const busy = read.isPending || create.isPending;

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
  const goOn = (answer: ReadRecipe) =>
    create.mutate(answer.draft, {
      onSuccess: (braise) => {
        sessionStorage.removeItem(KEPT_TEXT);
        navigate(`/braises/${braise.id}/recipe`);
      },
    });
  const send = (recipe: string, name = "") => read.mutate({ text: recipe, name, measures: "" }, { onSuccess: goOn });
  const open = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    if (file.size > MOST_FILE_BYTES) {
      setFileProblem(
        `${file.name} is ${size(file.size)}; at most ${size(MOST_FILE_BYTES)} can be opened. Save the page without its pictures, or paste the recipe.`,
      );
      return;
    }
    setFileProblem("");
    send(await readFile(file), file.name);
  };
  return (
    <form
      className={`rounded-lg ${dropping ? "outline-4 outline-rim outline-dashed" : ""}`}
      onSubmit={(event) => {
        event.preventDefault();
        send(text);
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
      <label htmlFor="recipe" className="font-bold text-rim">
        The recipe, as it is written
      </label>
      <p id="recipe-limit" className="text-sm text-soft">
        Typed, copied, dictated, story and all; or a .txt, .md, .json or saved .html file. Up to {size(most)} of text
        {bytes > most / 2 ? `, now ${size(bytes)}` : ""}.
      </p>
      <div className={`mt-1 grid items-start gap-3 ${wide && !tall ? "grid-cols-[minmax(0,1fr)_auto]" : ""}`}>
        <textarea
          id="recipe"
          dir="auto"
          aria-describedby={problem ? "recipe-problem recipe-limit" : "recipe-limit"}
          aria-invalid={problem ? true : undefined}
          className={`block w-full rounded-lg border border-edge bg-panel p-2.5 aria-[invalid]:border-heat ${tall ? "min-h-[22rem]" : "min-h-24"}`}
          placeholder="Paste its text here"
          value={text}
          onChange={(event) => keep(event.target.value)}
        />
        <div
          className={`flex flex-wrap items-center gap-x-4 gap-y-2 ${wide && !tall ? "w-44 flex-col items-start!" : ""}`}
        >
          <Button type="submit" weight="main" disabled={busy || tooLong !== undefined}>
            {busy ? "Reading …" : "Read it"}
          </Button>
          <Button weight="quiet" onClick={() => picker.current?.click()} disabled={busy}>
            Open a file
          </Button>
          <Button weight="quiet" onClick={() => send(SAMPLE)} disabled={busy}>
            Show me one
          </Button>
          <Link to="/meats" className="link">
            Which meat for this day?
          </Link>
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
      </div>
      {problem && (
        <p id="recipe-problem" role="status" className="mt-1 font-semibold text-heat">
          <span aria-hidden="true">▲ </span>Not read: {problem}
        </p>
      )}
    </form>
  );
}
