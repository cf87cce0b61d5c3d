import { useState } from "react";
import { Link } from "react-router";
import { useNotebook } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { useDebounced } from "../kit/useDebounced";
import { Waiting } from "../kit/Waiting";
import { Entry } from "./Entry";
import { OutAndIn } from "./OutAndIn";

const SETTLE_MS = 200;
const ALL = { words: "", cut: "", cooker: "", who: "", page: 1 };

/** Every cook that is over, the last first; found by its words, its cut, its cooker, its cook. */
export function NotebookPage() {
  useTitle("Notebook");
  const [asked, setAsked] = useState(ALL);
  const notebook = useNotebook(useDebounced(asked, SETTLE_MS));
  const ask = (part: Partial<typeof ALL>) => setAsked({ ...asked, page: 1, ...part });
  const found = notebook.data;
  const isAsked = asked.words !== "" || asked.cut !== "" || asked.cooker !== "" || asked.who !== "";
  return (
    <div className="mx-auto grid max-w-5xl gap-4">
      <h1 className="sr-only">Pausis</h1>
      <div className="flex flex-wrap items-baseline gap-x-5">
        <PlaceHeading className="text-xl font-bold">The notebook</PlaceHeading>
        <Link to="/notebook/learned" className="link">
          What has been learned
        </Link>
      </div>
      {found === undefined && <Waiting what="the notebook" error={notebook.error} again={() => notebook.refetch()} />}
      {found?.cooks.length === 0 && !isAsked && (
        <p>
          <strong>No cook has been closed yet.</strong> When dinner is over, close the cook at the stove: what was
          planned and what happened is then kept here.
        </p>
      )}
      {found !== undefined && (found.cooks.length > 0 || isAsked) && (
        <>
          <search className="grid grid-cols-2 gap-x-5 gap-y-2 table:grid-cols-[2fr_1fr_1fr_1fr]">
            <div className="col-span-2 table:col-span-1">
              <TextField
                label="Find"
                type="search"
                placeholder="wine, shanks, too salty"
                value={asked.words}
                onChange={(words) => ask({ words })}
              />
            </div>
            <SelectField
              label="Cut"
              value={asked.cut}
              empty="any"
              options={found.cuts}
              onChange={(cut) => ask({ cut })}
            />
            <SelectField
              label="Cooker"
              value={asked.cooker}
              empty="any"
              options={found.cookers}
              onChange={(cooker) => ask({ cooker })}
            />
            {found.people.length > 0 && (
              <SelectField
                label="Cooked by"
                value={asked.who}
                empty="anybody"
                options={found.people}
                onChange={(who) => ask({ who })}
              />
            )}
          </search>
          <p role="status" className="text-sm text-soft">
            {found.found}
            {found.cooks.length > 0 &&
              ". The green bar is the window that was given, the blue one lies between the looks before and after it was ready."}
          </p>
          <ul className="border-t-2 border-rim">
            {found.cooks.map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </ul>
          {found.pages > 1 && (
            <nav aria-label="Pages of the notebook" className="flex items-center gap-4">
              <Button disabled={found.page <= 1} onClick={() => setAsked({ ...asked, page: found.page - 1 })}>
                Later ones
              </Button>
              <span className="text-sm text-soft">
                page {found.page} of {found.pages}
              </span>
              <Button disabled={found.page >= found.pages} onClick={() => setAsked({ ...asked, page: found.page + 1 })}>
                Earlier ones
              </Button>
            </nav>
          )}
        </>
      )}
      <OutAndIn />
    </div>
  );
}
