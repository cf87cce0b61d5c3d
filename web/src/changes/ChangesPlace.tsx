import { useRef } from "react";
import { useHouse } from "../api/queries";
import type { Adaptation, MethodLine } from "../api/types";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { moment, type Stretch } from "../clock/clockScale";
import { Flares } from "../clock/Flares";
import { useClock } from "../clock/useClock";
import { useTable } from "../kit/useTable";
import { Caution } from "./Caution";
import { Change } from "./Change";

const COLUMNS = [
  { column: "before", title: "Before" },
  { column: "pot", title: "In the pot" },
  { column: "plate", title: "To the plate" },
];

/** The adapted recipe from the first line to the last, every change at its line; what is printed is this. */
export function ChangesPlace() {
  const { adaptation, draft, view, change } = useBraisePlace();
  const us = useHouse().data?.draft.units === "us";
  const table = useTable();
  const columns = useRef<HTMLDivElement>(null);
  if (adaptation === null) {
    return (
      <>
        <PlaceHeading className="pt-3 text-xl font-bold text-rim">Changes</PlaceHeading>
        <p className="mt-2">What changes in the recipe is worked out once meat, cooker and dinner are known.</p>
      </>
    );
  }
  const changes = adaptation.ledger.filter((entry) => !entry.choice);
  const choices = adaptation.ledger.length - changes.length;
  const refused = changes.filter((entry) => entry.refused).length;
  const refusable = [...new Set(changes.map((entry) => entry.key))].filter((key) => key !== "");
  const said = [
    `${changes.length} ${changes.length === 1 ? "change" : "changes"}`,
    choices > 0 && `${choices} left to you`,
    refused > 0 && `${refused} refused`,
    draft.amounts.length > 0 && `${draft.amounts.length} set by you`,
  ].filter(Boolean);
  const others = adaptation.outcomes.filter((outcome) => !outcome.safe && !outcome.chosen);
  const file = (name: string) => `/api/braises/${view.id}/${name}`;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 pt-2 text-sm">
        <PlaceHeading className="text-xl font-bold text-rim">The recipe, changed</PlaceHeading>
        <span>for {draft.serves}</span>
        <span role="status">{said.join(", ")}</span>
        <span className="flex flex-wrap gap-x-4 table:ml-auto">
          {refused < refusable.length && (
            <button
              type="button"
              className="link"
              onClick={() => change({ refused: [...new Set([...draft.refused, ...refusable])], amounts: [] })}
            >
              refuse all
            </button>
          )}
          {refused > 0 && (
            <button
              type="button"
              className="link"
              onClick={() => change({ refused: draft.refused.filter((key) => !refusable.includes(key)) })}
            >
              restore all
            </button>
          )}
          <a href={`${file("sheet.pdf")}?paper=${us ? "letter" : "a4"}`} className="link" download>
            Kitchen sheet to print
          </a>
          <a href={file("recipe.md")} className="link" download>
            as text
          </a>
          <a href={file("recipe.jsonld")} className="link" download>
            for other programs
          </a>
        </span>
      </div>
      {table && (
        <div className="mt-1">
          <Flares
            ribbon={adaptation.ribbon}
            stretches={COLUMNS.map(({ column }) => stretchOf(adaptation, column))}
            columns={columns}
          />
        </div>
      )}
      <div ref={columns} className="grid items-start gap-x-8 gap-y-4 table:grid-cols-3">
        {COLUMNS.map(({ column, title }) => (
          <Column key={column} adaptation={adaptation} column={column} title={title} />
        ))}
      </div>
      {others.map((outcome) => (
        <p key={outcome.setting} className="mt-3 text-sm text-soft">
          <strong>{outcome.label} is refused:</strong> {outcome.safety}
        </p>
      ))}
      <p className="mt-3 text-sm text-soft">Lift the lid away from you. Keep raw meat’s board and knife apart.</p>
    </>
  );
}

function stretchOf({ ribbon, method }: Adaptation, column: string): Stretch | null {
  const [on, sauce] = [moment(ribbon.switchOn), moment(ribbon.sauce)];
  if (on === null || sauce === null) {
    return null;
  }
  const times = method.filter((line) => line.column === "before" && line.at !== "").map((line) => Date.parse(line.at));
  return {
    before: { from: Math.min(on, ...times), to: on },
    pot: { from: on, to: sauce },
    plate: { from: sauce, to: Date.parse(ribbon.serve) },
  }[column] as Stretch;
}

function Column({ adaptation, column, title }: { adaptation: Adaptation; column: string; title: string }) {
  const lines = adaptation.method.filter((line) => line.column === column);
  const sum = { before: adaptation.before.total, pot: "", plate: adaptation.finish.total }[column] ?? "";
  return (
    <section aria-label={title} className="min-w-0">
      <div className="flex items-baseline justify-between border-b-2 border-rim bg-panel px-2 pt-1">
        <h3 className="text-xl font-bold text-rim">{title}</h3>
        <span className="text-sm text-soft">{sum}</span>
      </div>
      <ol>
        {lines.map((line, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other identity
          <Line key={index} line={line} before={lines[index - 1]} adaptation={adaptation} />
        ))}
      </ol>
    </section>
  );
}

function Line({
  line,
  before,
  adaptation,
}: {
  line: MethodLine;
  before: MethodLine | undefined;
  adaptation: Adaptation;
}) {
  const { twelve } = useClock();
  const clock = line.clock === before?.clock ? "" : line.clock;
  return (
    <li
      className={`grid gap-x-2 border-b border-line px-1 py-1.5 last:border-0 ${twelve ? "grid-cols-[4.6rem_minmax(0,1fr)]" : "grid-cols-[3.1rem_minmax(0,1fr)]"}`}
    >
      <span className="text-right leading-tight font-bold text-rim">
        {clock !== "" && <time dateTime={line.at}>{clock}</time>}
      </span>
      <div className="min-w-0" dir="auto">
        {!(line.gone && line.changes.length > 0) && (
          <p className={line.gone ? "text-soft line-through decoration-1" : ""}>
            {line.text}
            {line.who !== "" && clock !== "" && <span className="text-sm text-soft"> {line.who}</span>}
          </p>
        )}
        {line.foods.length > 0 && <p className="text-sm font-semibold">{line.foods.join(" · ")}</p>}
        {line.takeOut.length > 0 && (
          <p className="text-sm">
            {line.takeOut.map((one) => (
              <span key={one} className="mr-4 inline-flex items-center gap-1.5">
                <span aria-hidden="true" className="inline-block size-4 rounded border-2 border-edge bg-panel" />
                {one}
              </span>
            ))}
          </p>
        )}
        {line.changes.map((place) => {
          const entry = adaptation.ledger[place];
          return (
            entry && (
              <Change key={`${entry.key || entry.code} ${place}`} entry={entry} said={entry.was === "" && !line.gone} />
            )
          );
        })}
        {line.findings.map((place) => {
          const finding = adaptation.findings[place];
          return (
            finding &&
            !(finding.rule === "take-out" && line.takeOut.length > 0) && (
              <Caution key={finding.rule + finding.text} finding={finding} />
            )
          );
        })}
      </div>
    </li>
  );
}
