import type { ComponentProps } from "react";
import type { BraiseView, WayView } from "../api/types";
import { Button } from "../kit/Button";
import { Moved } from "../kit/Moved";
import { UndoButtons } from "../kit/UndoButtons";
import type { Saving } from "./useDraft";

const SAYS: Record<Saving, string> = {
  saved: "Saved",
  saving: "Saving …",
  offline: "Not saved yet",
  conflict: "Changed in another window",
  refused: "Not saved",
};

/** The sentence at the top: always true, with the one worry and the one change that would help. */
export function Verdict({
  view,
  title,
  saving,
  refusal,
  history,
  onTitle,
  onRemedy,
  onWay,
}: {
  view: BraiseView;
  title: string;
  saving: Saving;
  refusal: string;
  history: ComponentProps<typeof UndoButtons>;
  onTitle: (title: string) => void;
  onRemedy: (code: string) => void;
  onWay: (way: WayView) => void;
}) {
  const adaptation = view.adaptation;
  const first = adaptation ? undefined : view.problems[0];
  return (
    <section aria-label="Verdict" className="rounded-xl border-2 border-rim bg-panel">
      <div className="flex flex-wrap items-center gap-x-4 border-b-2 border-rim px-4">
        <h1 className="min-w-0 flex-1 basis-72">
          <input
            aria-label="Name of the braise"
            value={title}
            maxLength={200}
            onChange={(event) => onTitle(event.target.value)}
            className="min-h-11 w-full truncate rounded bg-transparent text-lg font-bold text-rim"
          />
        </h1>
        <UndoButtons {...history} />
        <p
          role="status"
          className={`text-sm ${saving === "saved" || saving === "saving" ? "text-soft" : "font-semibold text-heat"}`}
        >
          {saving === "refused" || saving === "offline"
            ? `${SAYS[saving]}: ${refusal}${saving === "offline" ? " What you typed is kept on this device and sent again every few seconds." : ""}`
            : SAYS[saving]}
        </p>
      </div>
      <div className="px-4 py-3" aria-live="polite">
        {first ? (
          <p className="text-xl leading-snug font-semibold">
            Something is missing before this can be worked out: <span className="text-heat">{first.message}</span>
          </p>
        ) : (
          <p className="text-xl leading-snug font-semibold" data-testid="verdict">
            <Moved>{adaptation?.verdict ?? ""}</Moved>
          </p>
        )}
        {!first && (adaptation?.worry || (adaptation?.remedyText && adaptation.ways.length === 0)) && (
          <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
            {adaptation.worry && !adaptation.verdict.includes(adaptation.worry) && (
              <p className="min-w-0 flex-1 basis-80">
                <span aria-hidden="true" className="text-heat">
                  ▲{" "}
                </span>
                {adaptation.worry}
              </p>
            )}
            {adaptation.remedyText && adaptation.remedy !== "boil-beans-first" && (
              <Button weight="main" onClick={() => onRemedy(adaptation.remedy)}>
                {adaptation.remedyText}
              </Button>
            )}
          </div>
        )}
        {!first && adaptation && adaptation.ways.length > 0 && (
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <span className="font-semibold">What would work:</span>
            {adaptation.ways.map((way) => (
              <Button key={way.code} className="min-h-9 py-0" onClick={() => onWay(way)}>
                {way.text}
              </Button>
            ))}
          </div>
        )}
      </div>
    </section>
  );
}
