import { useState } from "react";
import { readLines } from "../api/queries";
import type { IngredientDraft, UnreadLine } from "../api/types";
import { Button } from "../kit/Button";
import { TextField } from "../kit/TextField";

/** A line that the text doesn't have, and what of the text was not taken, which can become an ingredient. */
export function NotTaken({
  unread,
  taken,
  measures,
  onTake,
}: {
  unread: UnreadLine[];
  taken: string[];
  measures: string;
  onTake: (line: IngredientDraft) => void;
}) {
  const [line, setLine] = useState("");
  const [problem, setProblem] = useState("");
  const left = unread.filter((one) => !taken.includes(one.source));
  const take = async (source: string, at: number) => {
    try {
      const [read] = await readLines({ sources: [source], line: at, measures });
      if (read !== undefined) {
        onTake({ ...read, id: `own-${Math.random().toString(36).slice(2, 10)}` });
        setLine("");
        setProblem("");
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : "The line could not be read.");
    }
  };
  return (
    <div className="mt-3 grid gap-3">
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (line.trim() !== "") {
            take(line.trim(), 0);
          }
        }}
      >
        <div className="min-w-60 grow">
          <TextField
            label="One more line"
            value={line}
            maxLength={400}
            problem={problem || undefined}
            onChange={setLine}
          />
        </div>
        <Button type="submit" disabled={line.trim() === ""}>
          Add it
        </Button>
      </form>
      {left.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            Not taken from the text: {left.length} {left.length === 1 ? "piece" : "pieces"}
          </summary>
          <ul>
            {left.map((one) => (
              <li key={`${one.line} ${one.source}`} className="flex flex-wrap items-center gap-2 border-b border-line">
                <span className="min-w-0 grow break-words">{one.source}</span>
                <Button aria-label={`Take as an ingredient: ${one.source}`} onClick={() => take(one.source, one.line)}>
                  An ingredient
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
