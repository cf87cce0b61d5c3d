import { useState } from "react";
import type { Choice } from "../api/types";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";

/** What the fork said a while ago. */
export function AnsweredEarlier({
  answers,
  onRecord,
}: {
  answers: Choice[];
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  const [at, setAt] = useState("");
  const [answer, setAnswer] = useState(answers[0]?.value ?? "");
  const label = answers.find((one) => one.value === answer)?.label ?? answer;
  return (
    <Panel title="The fork, earlier">
      <form
        className="grid grid-cols-2 items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onRecord("fork-tests", { answer, at }, `the fork at ${at}: ${label}`);
          setAt("");
        }}
      >
        <SelectField label="It said" value={answer} options={answers} onChange={setAnswer} />
        <TextField label="at" placeholder="13:40" value={at} onChange={setAt} />
        <Button type="submit" disabled={at.trim() === ""}>
          Note it
        </Button>
      </form>
    </Panel>
  );
}
