import { Link } from "react-router";
import { useHouse } from "../api/queries";
import type { BraiseDraft } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { useClock } from "../clock/useClock";
import { Button } from "../kit/Button";
import { INPUT } from "../kit/TextField";
import { TimeField } from "./TimeField";

const WHERE = [
  { value: "away", label: "away" },
  { value: "busy", label: "busy" },
  { value: "home", label: "at home" },
];

function dayBefore(day: string): string {
  const at = Date.parse(`${day}T00:00Z`);
  return Number.isNaN(at) ? day : new Date(at - 86_400_000).toISOString().slice(0, 10);
}

/** Where everybody is on the day: what is usual, and what is otherwise. */
export function WhereFields() {
  const { draft, problem, change: onChange } = useBraisePlace();
  const day = draft.serveAt.split("T")[0] ?? "";
  const { written } = useClock();
  const people = useHouse().data?.draft.people ?? [];
  const named = people.length > 1;
  const set = (index: number, part: Partial<BraiseDraft["away"][number]>) =>
    onChange({ away: draft.away.map((one, at) => (at === index ? { ...one, ...part } : one)) });
  const timeOf = (moment: string) => moment.split("T")[1] ?? "";
  const dateOf = (moment: string) => moment.split("T")[0] ?? day;
  const add = (date: string, from: string, to: string) =>
    onChange({ away: [...draft.away, { from: `${date}T${from}`, to: `${date}T${to}`, who: "", what: "away" }] });
  const usual = people.filter((person) => person.habits !== "");
  return (
    <fieldset className="grid min-w-0 gap-2">
      <legend className="text-sm font-semibold text-soft">Who is where that day</legend>
      {usual.map((person) => (
        <p key={person.id} className="text-sm text-soft">
          {named ? `${person.name}, as usual: ` : "As usual: "}
          {person.habits.split("\n").join("; ")}
        </p>
      ))}
      {draft.away.map((one, index) => {
        const what = `${written(timeOf(one.from))} to ${written(timeOf(one.to))}`;
        const who = people.find((person) => person.id === one.who)?.name || "all";
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: times have no other identity
          <fieldset key={index} aria-label={`${who}, ${what}`} className="min-w-0 border-b border-line pb-1.5">
            {dateOf(one.from) !== day && (
              <p className="text-sm text-soft">
                {dateOf(one.from) === dayBefore(day) ? "the evening before" : `on ${dateOf(one.from)}`}
              </p>
            )}
            <div className="flex flex-wrap items-center gap-x-1.5">
              {named && (
                <select
                  aria-label={`Who, ${what}`}
                  className={`${INPUT} max-w-22`}
                  value={one.who}
                  onChange={(event) => set(index, { who: event.target.value })}
                >
                  <option value="">all</option>
                  {people.map((person) => (
                    <option key={person.id} value={person.id}>
                      {person.name}
                    </option>
                  ))}
                </select>
              )}
              <select
                aria-label={`Where, ${what}`}
                className={`${INPUT} max-w-22`}
                value={one.what}
                onChange={(event) => set(index, { what: event.target.value })}
              >
                {WHERE.map((where) => (
                  <option key={where.value} value={where.value}>
                    {where.label}
                  </option>
                ))}
              </select>
              <span className="flex items-center gap-x-1.5">
                {(["from", "to"] as const).map((end) => (
                  <TimeField
                    key={end}
                    label={end}
                    value={timeOf(one[end])}
                    invalid={problem(`away.${index}`) !== undefined}
                    onChange={(typed) => set(index, { [end]: `${dateOf(one.from)}T${typed}` })}
                  />
                ))}
                <Button
                  weight="quiet"
                  className="px-2 text-lg leading-none no-underline"
                  aria-label={`remove the time from ${what}`}
                  onClick={() => onChange({ away: draft.away.filter((_, at) => at !== index) })}
                >
                  ×
                </Button>
              </span>
            </div>
            {problem(`away.${index}`) && (
              <p className="text-sm font-semibold text-heat">▲ {problem(`away.${index}`)}</p>
            )}
          </fieldset>
        );
      })}
      <div className="flex flex-wrap items-center gap-x-3">
        <Button className="justify-self-start" onClick={() => add(day, "08:00", "17:00")}>
          Add a time away
        </Button>
        <Button weight="quiet" className="px-1 text-sm" onClick={() => add(dayBefore(day), "18:00", "22:00")}>
          or the evening before
        </Button>
        <Link to="/kitchen" className="inline-flex min-h-11 items-center text-sm text-rim underline underline-offset-4">
          who cooks, and when
        </Link>
      </div>
    </fieldset>
  );
}
