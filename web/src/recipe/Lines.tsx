import { type FormEvent, use, useState } from "react";
import { readLines, useForgetMeaning, useLearnMeaning } from "../api/queries";
import type { IngredientDraft } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Button } from "../kit/Button";
import { TextField } from "../kit/TextField";
import { ToastContext } from "../kit/toast";
import { Line, POT } from "./Line";

type Group = { key: string; title: string; when: string; places: number[]; part: string | null };

/** The lines of the recipe by when they go in, then those of its other parts; each opens in place, a part can be moved whole. */
export function Lines({
  open,
  onOpen,
  measures,
}: {
  open: number | null;
  onOpen: (line: number | null) => void;
  measures: string;
}) {
  const { draft, view, adaptation, catalogue, change } = useBraisePlace();
  const learn = useLearnMeaning();
  const forget = useForgetMeaning();
  const say = use(ToastContext);
  const [line, setLine] = useState("");
  const [problem, setProblem] = useState("");
  const lines = draft.ingredients;

  const remember = (one: IngredientDraft) =>
    learn.mutate(
      { source: one.source, food: one.food, role: one.role, ignored: one.ignored },
      {
        onSuccess: (meaning) =>
          say({
            text: `Remembered: “${meaning.words}” is ${meaning.text || "as read"}.`,
            action: { label: "Forget", run: () => forget.mutate(meaning.words) },
          }),
      },
    );
  const reread = async (from: number, count: number, sources: string[]) => {
    const read = await readLines({ sources, line: lines[from]?.line ?? 0, measures });
    change({ ingredients: [...lines.slice(0, from), ...read, ...lines.slice(from + count)] });
    onOpen(from);
  };
  const add = async (event: FormEvent) => {
    event.preventDefault();
    try {
      const [read] = await readLines({ sources: [line.trim()], line: 0, measures });
      if (read !== undefined) {
        change({ ingredients: [...lines, { ...read, id: `own-${Math.random().toString(36).slice(2, 10)}` }] });
        setLine("");
        setProblem("");
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : "The line could not be read.");
    }
  };

  const groups = grouped(lines, catalogue.parts, adaptation?.method ?? []);
  return (
    <section aria-labelledby="lines" className="border-t-2 border-rim pt-1.5">
      <h3 id="lines" className="text-lg font-bold">
        {lines.length} {lines.length === 1 ? "line" : "lines"}, by when they go in
      </h3>
      <div className="mt-1 grid items-start gap-x-6 gap-y-3 sm:grid-cols-2 xl:grid-cols-3">
        {groups.map((group) => (
          <div key={group.key} className="min-w-0">
            <div className="flex items-baseline gap-2 text-sm">
              {group.when !== "" && <strong>{group.when}</strong>}
              <span className="min-w-0 flex-1 truncate text-soft">{group.title}</span>
              {group.part !== null && (
                <select
                  aria-label={`Move all of ${group.title}`}
                  className="figure max-w-28 text-sm"
                  value={group.part}
                  onChange={(event) =>
                    change({
                      ingredients: lines.map((one, index) =>
                        group.places.includes(index)
                          ? { ...one, part: event.target.value === POT ? "" : event.target.value }
                          : one,
                      ),
                    })
                  }
                >
                  {catalogue.parts.map((part) => (
                    <option key={part.value} value={part.value}>
                      {part.label}
                    </option>
                  ))}
                </select>
              )}
            </div>
            <ul>
              {group.places.map((index) => {
                const one = lines[index];
                return (
                  one && (
                    <Line
                      key={one.id || index}
                      draft={one}
                      understood={view.understood[index]}
                      roles={catalogue.roles}
                      parts={catalogue.parts}
                      open={open === index}
                      canJoin={index > 0}
                      onOpen={(opened) => onOpen(opened ? index : null)}
                      onChange={(changed) =>
                        change({ ingredients: lines.map((kept, at) => (at === index ? changed : kept)) })
                      }
                      onCommit={remember}
                      onJoin={() => reread(index - 1, 2, [`${lines[index - 1]?.source ?? ""} ${one.source}`])}
                      onSplit={(sources) => reread(index, 1, sources)}
                    />
                  )
                );
              })}
            </ul>
          </div>
        ))}
      </div>
      <form className="mt-2 flex max-w-xl items-end gap-2" onSubmit={add}>
        <div className="min-w-0 grow">
          <TextField
            label="One more line"
            value={line}
            maxLength={400}
            problem={problem || undefined}
            onChange={setLine}
          />
        </div>
        <Button type="submit" className="min-h-11" disabled={line.trim() === ""}>
          Add it
        </Button>
      </form>
    </section>
  );
}

/** By the step of the adapted recipe that uses them; those of other parts, and those not used, by themselves. */
function grouped(
  lines: IngredientDraft[],
  parts: { value: string; label: string }[],
  method: { clock: string; uses: string[]; text: string }[],
): Group[] {
  const groups = new Map<string, Group>();
  const put = (key: string, title: string, when: string, part: string | null, index: number) => {
    const group = groups.get(key) ?? { key, title, when, places: [], part };
    group.places.push(index);
    groups.set(key, group);
  };
  const order: string[] = method.map((_, index) => `step ${index}`);
  lines.forEach((line, index) => {
    const part = parts.find((one) => one.value === line.part);
    const step = method.findIndex((one) => one.uses.includes(line.id));
    const found = method[step];
    if (line.ignored) {
      put("ignored", "not used", "", null, index);
    } else if (part !== undefined && part.value !== POT && part.value !== "") {
      put(`part ${part.value}`, part.label, "", part.value, index);
    } else if (found !== undefined) {
      const first = method.findIndex((one) => one.clock !== "" && one.clock === found.clock && one.uses.length > 0);
      const at = first < 0 ? step : first;
      put(`step ${at}`, method[at]?.text ?? "", found.clock, null, index);
    } else {
      put("pot", "into the pot", "", null, index);
    }
  });
  const rank = (group: Group) => {
    const at = order.indexOf(group.key);
    return group.key === "ignored" ? 9999 : at < 0 ? 5000 : at;
  };
  return [...groups.values()].sort((a, b) => rank(a) - rank(b));
}
