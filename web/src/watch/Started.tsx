import { useState } from "react";
import type { Choice, CookView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import type { Records } from "./useRecords";

/** When the pot was switched on and on what, as it really was; or that it wasn't. */
export function Started({ cook, settings, records }: { cook: CookView; settings: Choice[]; records: Records }) {
  const [at, setAt] = useState("");
  const [setting, setSetting] = useState(cook.program);
  const [problem, setProblem] = useState("");
  return (
    <form
      className="grid grid-cols-2 items-end gap-3 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        records.restart({ at, setting }).then(
          () => setProblem(""),
          (error: Error) => setProblem(error.message),
        );
      }}
    >
      <TextField label="Switched on at" value={at} placeholder={cook.switchedOn} onChange={setAt} />
      <SelectField
        label="on"
        value={setting}
        options={settings.filter((one) => one.value !== "auto")}
        onChange={setSetting}
      />
      <Button type="submit">It was so</Button>
      <Button weight="quiet" onClick={() => records.notOn().catch((error: Error) => setProblem(error.message))}>
        It isn’t on at all
      </Button>
      {problem !== "" && (
        <div className="col-span-2">
          <Notice kind="warn" word="Not changed" live>
            {problem}
          </Notice>
        </div>
      )}
    </form>
  );
}
