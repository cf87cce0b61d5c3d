import { useState } from "react";
import type { Choice } from "../api/types";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { TextField } from "../kit/TextField";

const LOOKS: Record<string, string> = {
  resists: "border-heat",
  gives: "border-attention",
  "slides-in": "border-done",
  "falls-apart": "border-done",
};

/** Four large answers, for a wet thumb. */
export function ForkTest({
  answers,
  problem,
  onAnswer,
}: {
  answers: Choice[];
  problem: string | undefined;
  onAnswer: (answer: string, at: string) => void;
}) {
  const [at, setAt] = useState("");
  return (
    <Panel title="What does the fork say?">
      <div className="grid grid-cols-2 gap-2">
        {answers.map((answer) => (
          <button
            key={answer.value}
            type="button"
            onClick={() => {
              onAnswer(answer.value, at);
              setAt("");
            }}
            className={`min-h-24 rounded-xl border-4 bg-panel px-3 py-2 text-left hover:bg-sunk disabled:opacity-60 ${LOOKS[answer.value]}`}
          >
            <span className="block text-xl font-bold">{answer.label}</span>
            <span className="text-sm text-soft">{answer.hint}</span>
          </button>
        ))}
      </div>
      <div className="mt-2 w-44">
        <TextField label="Tested earlier? At" type="time" value={at} onChange={setAt} />
      </div>
      {problem && (
        <div className="mt-2">
          <Notice kind="warn" word="Not noted" live>
            {problem}
          </Notice>
        </div>
      )}
    </Panel>
  );
}
