import { Link } from "react-router";
import { useHouse } from "../api/queries";
import type { BraiseDraft } from "../api/types";
import { Button } from "../kit/Button";
import { INPUT } from "../kit/TextField";

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
export function WhereFields({
  draft,
  day,
  problem,
  onChange,
}: {
  draft: BraiseDraft;
  day: string;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
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
        const what = `${timeOf(one.from)} to ${timeOf(one.to)}`;
        const who = people.find((person) => person.id === one.who)?.name || "all";
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: times have no other identity
          <fieldset key={index} aria-label={`${who}, ${what}`} className="min-w-0 border-b border-line pb-1.5">
            {dateOf(one.from) !== day && (
              <p className="text-sm text-soft">
                {dateOf(one.from) === dayBefore(day) ? "the evening before" : `on ${dateOf(one.from)}`}
              </p>
            )}
            <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto] items-center gap-x-1.5">
              {named && (
                <select
                  aria-label={`Who, ${what}`}
                  className={INPUT}
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
                className={`${INPUT} ${named ? "" : "col-span-2"}`}
                value={one.what}
                onChange={(event) => set(index, { what: event.target.value })}
              >
                {WHERE.map((where) => (
                  <option key={where.value} value={where.value}>
                    {where.label}
                  </option>
                ))}
              </select>
              <Button
                weight="quiet"
                className="px-2 text-lg leading-none no-underline"
                aria-label={`remove the time from ${what}`}
                onClick={() => onChange({ away: draft.away.filter((_, at) => at !== index) })}
              >
                ×
              </Button>
            </div>
            <div className="grid grid-cols-[auto_minmax(0,1fr)_auto_minmax(0,1fr)] items-center gap-x-1.5">
              <span className="text-sm text-soft">from</span>
              <input
                aria-label="from"
                className={INPUT}
                maxLength={40}
                aria-invalid={problem(`away.${index}`) ? true : undefined}
                value={timeOf(one.from)}
                onChange={(event) => set(index, { from: `${dateOf(one.from)}T${event.target.value}` })}
              />
              <span className="text-sm text-soft">to</span>
              <input
                aria-label="to"
                className={INPUT}
                maxLength={40}
                aria-invalid={problem(`away.${index}`) ? true : undefined}
                value={timeOf(one.to)}
                onChange={(event) => set(index, { to: `${dateOf(one.from)}T${event.target.value}` })}
              />
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
