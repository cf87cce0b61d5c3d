import { useState } from "react";
import { useTakeInHouse } from "../api/queries";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";

/** Everything that the house keeps, as one file, and in again; the notebook as a table and as text. */
export function OutAndIn() {
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const taking = useTakeInHouse();
  const look = async (chosen: File | undefined) => {
    if (chosen !== undefined) {
      const text = await chosen.text();
      setFile({ name: chosen.name, text });
      taking.mutate({ text, how: "look" });
    }
  };
  const seen = taking.data;
  return (
    <Panel title="Out and in">
      <p className="flex flex-wrap gap-x-5 gap-y-1">
        <a className="link" href="/api/everything.json" download>
          Everything, one file that restores it all
        </a>
        <a className="link" href="/api/notebook.csv" download>
          The notebook as a table
        </a>
        <a className="link" href="/api/notebook.md" download>
          The notebook as text
        </a>
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <label htmlFor="house-file" className="font-semibold">
          Take a file in:
        </label>
        <input
          id="house-file"
          type="file"
          accept="application/json,.json"
          onChange={(event) => {
            look(event.target.files?.[0]);
            // The same file, mended, can be chosen again.
            event.target.value = "";
          }}
        />
      </div>
      <div aria-live="polite" className="mt-2">
        {taking.isPending && <p className="text-soft">Reading {file?.name} …</p>}
        {taking.error && (
          <Notice kind="warn" word="Not taken in">
            {("violations" in taking.error && (taking.error.violations as { message: string }[])[0]?.message) ||
              taking.error.message}
          </Notice>
        )}
        {seen?.taken && (
          <Notice kind="done" word="Taken in">
            {seen.copy === "" ? "Nothing that was here was changed." : `What was here before lies in ${seen.copy}.`}
          </Notice>
        )}
        {seen !== undefined && !seen.taken && file !== null && (
          <div className="grid gap-2">
            <p>
              {file.name} was written {seen.written}.
            </p>
            <p>
              <Button onClick={() => taking.mutate({ text: file.text, how: "beside" })}>Beside what is here</Button>{" "}
              adds {seen.beside.join(", ")}; nothing that is here changes.
            </p>
            <p>
              <Button onClick={() => taking.mutate({ text: file.text, how: "instead" })}>
                In place of what is here
              </Button>{" "}
              leaves {seen.instead.join(", ")}. A copy of what is here is kept first.
            </p>
          </div>
        )}
      </div>
    </Panel>
  );
}
