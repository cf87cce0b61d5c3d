import { useState } from "react";
import { useClock } from "../clock/useClock";
import { Button } from "../kit/Button";
import { Field } from "../kit/Field";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { TextField } from "../kit/TextField";
import type { Records } from "./useRecords";

/** The end of a cook: when it was eaten, and what to do otherwise next time. */
export function ClosePanel({ records }: { records: Records }) {
  const { written } = useClock();
  const [at, setAt] = useState("");
  const [note, setNote] = useState("");
  const error = records.problem("close");
  const sending = records.waiting.some((entry) => entry.path === "close");
  return (
    <Panel title="Into the notebook">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          records.record("close", { servedAt: at, note }, "this cook is closed");
        }}
      >
        <TextField label="Eaten at (empty for now)" placeholder={written("19:05")} value={at} onChange={setAt} />
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
            {error.violations[0]?.message ?? error.message}
          </Notice>
        )}
        <Button type="submit" disabled={sending}>
          Close this cook
        </Button>
      </form>
    </Panel>
  );
}
