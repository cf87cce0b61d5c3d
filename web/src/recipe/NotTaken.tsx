import { Collapsible } from "radix-ui";
import { useState } from "react";
import { readLines } from "../api/queries";
import type { UnreadLine } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";

const fresh = () => `own-${Math.random().toString(36).slice(2, 10)}`;

const AROUND: Record<string, (lines: number) => string> = {
  tip: (lines) => (lines === 1 ? "One note of the recipe’s own" : `${lines} notes of the recipe’s own`),
  around: (lines) => (lines === 1 ? "The page around it: one line" : `The page around it: ${lines} lines`),
};

/** What of the text was not taken: each is taken as a line or as something to do, or left; what is left can be had again. */
export function NotTaken({ unread, measures }: { unread: UnreadLine[]; measures: string }) {
  const { draft, change } = useBraisePlace();
  const [problem, setProblem] = useState("");
  const taken = new Set([...draft.ingredients.map((one) => one.source), ...draft.steps.map((one) => one.source)]);
  const still = unread.filter((one) => !taken.has(one.source) && !draft.left.includes(one.source));
  const open = still.filter((one) => one.kind === "unread");
  const kept = (["tip", "around"] as const)
    .map((kind) => ({ kind, lines: still.filter((one) => one.kind === kind) }))
    .filter((group) => group.lines.length > 0);
  const take = async (one: UnreadLine) => {
    try {
      const [read] = await readLines({ sources: [one.source], line: one.line, measures });
      if (read !== undefined) {
        change({ ingredients: [...draft.ingredients, { ...read, id: fresh() }] });
        setProblem("");
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : "The line could not be read.");
    }
  };
  const doIt = (one: UnreadLine) => {
    const at = draft.steps.findIndex((step) => step.line > one.line);
    const step = {
      line: one.line,
      source: one.source,
      kind: "",
      minutes: "",
      id: fresh(),
      when: "",
      offset: "",
      foods: null,
    };
    const steps = [...draft.steps];
    steps.splice(at < 0 ? steps.length : at, 0, step);
    change({ steps });
  };
  const row = (one: UnreadLine, leave: boolean) => (
    <li
      key={`${one.line} ${one.source}`}
      className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-0.5 first:border-0"
    >
      <span className="min-w-0 flex-1 basis-60" dir="auto">
        {one.source}
      </span>
      <span className="flex flex-wrap gap-x-4 text-sm">
        <button type="button" className="link" onClick={() => take(one)}>
          take it: an ingredient<span className="sr-only">, {one.source}</span>
        </button>
        <button type="button" className="link" onClick={() => doIt(one)}>
          something to do<span className="sr-only">: {one.source}</span>
        </button>
        {leave && (
          <button type="button" className="link" onClick={() => change({ left: [...draft.left, one.source] })}>
            leave it<span className="sr-only">: {one.source}</span>
          </button>
        )}
      </span>
    </li>
  );
  const folded = kept.map((group) => (
    <Collapsible.Root key={group.kind} className="border-t border-line">
      <Collapsible.Trigger className="link">{AROUND[group.kind]?.(group.lines.length)}</Collapsible.Trigger>
      <Collapsible.Content>
        <ul className="text-sm">{group.lines.map((one) => row(one, false))}</ul>
      </Collapsible.Content>
    </Collapsible.Root>
  ));
  if (open.length === 0 && draft.left.length === 0) {
    return kept.length === 0 ? null : <div>{folded}</div>;
  }
  return (
    <section aria-labelledby="not-taken" className="border-t-2 border-rim pt-1.5 pb-2">
      <h3 id="not-taken" className="text-lg font-bold">
        Not taken
      </h3>
      {problem !== "" && (
        <p role="status" className="text-sm font-semibold text-heat">
          ▲ {problem}
        </p>
      )}
      <ul>{open.map((one) => row(one, true))}</ul>
      {draft.left.length > 0 && (
        <p className="text-sm text-soft">
          {draft.left.length === 1 ? "One line is left out." : `${draft.left.length} lines are left out.`}{" "}
          <button type="button" className="link" onClick={() => change({ left: [] })}>
            show {draft.left.length === 1 ? "it" : "them"} again
          </button>
        </p>
      )}
      {folded}
    </section>
  );
}
