import { useState } from "react";
import type { Problem } from "../api/Problem";
import type { FlagView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { TextField } from "../kit/TextField";

const FIELDS: Record<string, { label: string; placeholder: string; button: string }> = {
  boiled: { label: "Boiled hard for", placeholder: "30 min", button: "They were boiled" },
  "took-out": { label: "Taken out", placeholder: "400 g", button: "That much is out" },
};

/** What is wrong with a pot that is on: what to do now, and the fact that would lift it. */
export function Flags({
  flags,
  problem,
  onRecord,
}: {
  flags: FlagView[];
  problem: Problem | null;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  return flags.map((flag) => (
    <div key={flag.rule} className="mt-2" data-testid="flag">
      <Notice
        kind={flag.severity === "refuse" ? "refuse" : "warn"}
        word={flag.severity === "refuse" ? "Not safe" : "Take care"}
      >
        <p className="text-xl font-bold">{flag.do}</p>
        <p className="mt-1 text-sm">{flag.text}</p>
        <Fact flag={flag} problem={problem} onRecord={onRecord} />
      </Notice>
    </div>
  ));
}

function Fact({
  flag,
  problem,
  onRecord,
}: {
  flag: FlagView;
  problem: Problem | null;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  const [value, setValue] = useState("");
  const [at, setAt] = useState("");
  const field = FIELDS[flag.fact];
  if (flag.fact === "turn-high") {
    return (
      <Button className="mt-2 min-h-14" onClick={() => onRecord("setting", { setting: "high" }, "turned to High")}>
        I turned it to High
      </Button>
    );
  }
  if (flag.fact === "thawed") {
    return (
      <Button
        className="mt-2 min-h-14"
        onClick={() => onRecord("facts", { fact: "thawed", value: "" }, "it was thawed when it went in")}
      >
        It was thawed through when it went in
      </Button>
    );
  }
  return field === undefined ? null : (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onRecord("facts", { fact: flag.fact, value, at }, `${field.label.toLowerCase()} ${value}`);
      }}
    >
      <div className="w-36">
        <TextField
          label={field.label}
          value={value}
          placeholder={field.placeholder}
          problem={problem?.at("value")}
          onChange={setValue}
        />
      </div>
      <div className="w-32">
        <TextField label="at" value={at} placeholder="9:10" problem={problem?.at("at")} onChange={setAt} />
      </div>
      <Button type="submit" className="min-h-14">
        {field.button}
      </Button>
    </form>
  );
}
