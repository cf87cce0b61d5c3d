import type { FindingView, OutcomeView } from "../api/types";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";

const KINDS: Record<string, "refuse" | "warn" | "note"> = { refuse: "refuse", warn: "warn", note: "note" };

export function CautionsPanel({ findings, outcomes }: { findings: FindingView[]; outcomes: OutcomeView[] }) {
  const refused = outcomes.filter((outcome) => !outcome.safe && !outcome.chosen);
  return (
    <Panel title="Cautions">
      <div className="grid gap-2">
        {findings.map((finding) => (
          <Notice key={finding.rule + finding.text} kind={KINDS[finding.severity] ?? "note"}>
            {finding.text}
            {finding.remedyText && <span className="block font-semibold">What helps: {finding.remedyText}.</span>}
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
