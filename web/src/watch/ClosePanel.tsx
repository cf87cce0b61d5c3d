import { useState } from "react";
import { Problem } from "../api/Problem";
import { type useCookRecords, useHouse } from "../api/queries";
import { Button } from "../kit/Button";
import { Field } from "../kit/Field";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { TextField } from "../kit/TextField";

/** The end of a cook: when it was eaten, and what to do otherwise next time. */
export function ClosePanel({ records }: { records: ReturnType<typeof useCookRecords> }) {
  const [at, setAt] = useState("");
  const [note, setNote] = useState("");
  const today = useHouse().data?.now.split("T")[0] ?? "";
  const error = records.close.error;
  return (
    <Panel title="Into the notebook">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          records.close.mutate({ servedAt: at === "" ? "" : `${today}T${at}`, note });
        }}
      >
        <TextField label="Eaten at (empty for now)" type="time" value={at} onChange={setAt} />
        <Field label="What to remember">
          {(controls) => (
            <textarea
              {...controls}
              rows={3}
              maxLength={4000}
              className="mt-0.5 w-full rounded-lg border-2 border-line bg-panel p-2.5"
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
          )}
        </Field>
        {error && (
          <Notice kind="warn" word="Not closed" live>
            {error instanceof Problem ? (error.violations[0]?.message ?? error.message) : error.message}
          </Notice>
        )}
        <Button type="submit" disabled={records.close.isPending}>
          Close this cook
        </Button>
      </form>
    </Panel>
  );
}
