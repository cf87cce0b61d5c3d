import type { FindingView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Button } from "../kit/Button";

const SIGNS: Record<string, { sign: string; word: string; look: string }> = {
  refuse: { sign: "■", word: "Not safe", look: "text-heat font-semibold" },
  warn: { sign: "▲", word: "Take care", look: "" },
  note: { sign: "●", word: "Good to know", look: "text-soft" },
};

/** What to mind at a line, with the change that helps where one was found that leads to a plan. */
export function Caution({ finding }: { finding: FindingView }) {
  const { take, helps } = useBraisePlace();
  const look = SIGNS[finding.severity] ?? SIGNS.note;
  return (
    <div className={`mt-1 text-sm ${look?.look}`}>
      <span aria-hidden="true" className={finding.severity === "warn" ? "text-attention-ink" : ""}>
        {look?.sign}{" "}
      </span>
      <span className="sr-only">{look?.word}: </span>
      {finding.text}
      {[helps[finding.rule], finding.goOn].map(
        (way) =>
          way && (
            <Button key={way.code} className="ml-2" onClick={() => take(way)}>
              {way.text}
            </Button>
          ),
      )}
    </div>
  );
}
