import { useState } from "react";
import type { Problem } from "../api/Problem";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { TextField } from "../kit/TextField";
import { AtField } from "./AtField";

const PLACES = { liquid: "in the liquid", core: "in the middle of the meat" } as const;

/** What a thermometer in the pot reads; what was typed stays until it is taken. */
export function ProbePanel({
  help,
  problem,
  onRecord,
}: {
  help: string;
  problem: Problem | null;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  const [reading, setReading] = useState("");
  const [at, setAt] = useState("");
  return (
    <Panel title="Have you a thermometer?">
      {help !== "" && <p className="mb-2">{help}</p>}
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-28">
          <TextField
            label="It reads"
            value={reading}
            inputMode="decimal"
            placeholder="87"
            problem={problem?.at("reading") ?? problem?.at("place")}
            onChange={setReading}
          />
        </div>
        <AtField value={at} problem={problem?.at("at")} onChange={setAt} />
        <div className="flex basis-full flex-wrap gap-2">
          {Object.entries(PLACES).map(([place, words]) => (
            <Button
              key={place}
              className="min-h-11"
              disabled={reading.trim() === ""}
              onClick={() => onRecord("probe", { place, reading, at }, `a thermometer: ${reading} ${words}`)}
            >
              {words}
            </Button>
          ))}
        </div>
      </div>
    </Panel>
  );
}
