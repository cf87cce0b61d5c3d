import { useState } from "react";
import type { Problem } from "../api/Problem";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { AtField } from "./AtField";

const SETTINGS = ["low", "high", "warm", "off"] as const;
const WORDS: Record<(typeof SETTINGS)[number], string> = { low: "Low", high: "High", warm: "Warm", off: "off" };

/** The setting was turned, or found other than it was thought to be. */
export function TurnedPanel({
  problem,
  onRecord,
}: {
  problem: Problem | null;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  const [at, setAt] = useState("");
  return (
    <Panel title="Turned to another setting?">
      <div className="flex flex-wrap items-end gap-2">
        {SETTINGS.map((setting) => (
          <Button
            key={setting}
            className="min-h-11"
            onClick={() => {
              onRecord("setting", { setting, at }, `turned to ${WORDS[setting]}`);
              setAt("");
            }}
          >
            {WORDS[setting]}
          </Button>
        ))}
        <AtField value={at} problem={problem?.at("at")} onChange={setAt} />
      </div>
    </Panel>
  );
}
