import { useState } from "react";
import type { Problem } from "../api/Problem";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Panel } from "../kit/Panel";
import { TextField } from "../kit/TextField";

/** The power was off: from when, how long, and whether somebody was there to know. */
export function PowerPanel({
  problem,
  onRecord,
}: {
  problem: Problem | null;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  const [minutes, setMinutes] = useState("");
  const [at, setAt] = useState("");
  const [home, setHome] = useState(false);
  return (
    <Panel title="Was the power off?">
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onRecord("power", { minutes, at, home }, `power off for ${minutes}`);
        }}
      >
        <TextField label="Off from" value={at} placeholder="14:10" problem={problem?.at("at")} onChange={setAt} />
        <TextField
          label="For"
          value={minutes}
          placeholder="20 min"
          problem={problem?.at("minutes")}
          onChange={setMinutes}
        />
        <div className="col-span-2">
          <Check label="Somebody was there all the time" checked={home} onChange={setHome} />
        </div>
        <Button type="submit" className="col-span-2">
          Note it
        </Button>
      </form>
    </Panel>
  );
}
