import type { FindingView, OutcomeView, WayView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";

const KINDS: Record<string, "refuse" | "warn" | "note"> = { refuse: "refuse", warn: "warn", note: "note" };

/** What to mind in this braise, each with the change that helps, where the core has checked one. */
export function CautionsPanel({
  findings,
  outcomes,
  onTake,
}: {
  findings: FindingView[];
  outcomes: OutcomeView[];
  onTake: (way: WayView) => void;
}) {
  const refused = outcomes.filter((outcome) => !outcome.safe && !outcome.chosen);
  return (
    <Panel title="Cautions">
      <div className="grid gap-2">
        {findings.map((finding) => (
          <Notice key={finding.rule + finding.text} kind={KINDS[finding.severity] ?? "note"}>
            {finding.text}
            {(finding.help || finding.goOn) && (
              <span className="mt-1 flex flex-wrap gap-2">
                {[finding.help, finding.goOn].map(
                  (way) =>
                    way && (
                      <Button key={way.code} className="min-h-9 py-0" onClick={() => onTake(way)}>
                        {way.text}
                      </Button>
                    ),
                )}
              </span>
            )}
          </Notice>
        ))}
        {refused.map((outcome) => (
          <Notice key={outcome.setting} kind="refuse" word={`${outcome.label} is refused`}>
            {outcome.safety}
          </Notice>
        ))}
        <p className="text-sm text-soft">
          Lift the lid away from you. Keep raw meat’s board and knife apart. Your local food-safety authority and your
          cooker’s booklet come first.
        </p>
      </div>
    </Panel>
  );
}
