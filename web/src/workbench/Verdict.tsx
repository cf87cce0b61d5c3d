import type { ComponentProps, ReactNode } from "react";
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
  ways,
  onTake,
}: {
  view: BraiseView;
  title: string;
  saving: Saving;
  refusal: string;
  history: ComponentProps<typeof UndoButtons>;
  onTitle: (title: string) => void;
  ways: ReactNode;
  onTake: (way: WayView) => void;
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
        {!first && adaptation && (adaptation.worry || adaptation.help) && (
          <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
            {adaptation.worry && (
              <p className="min-w-0 flex-1 basis-80">
                <span aria-hidden="true" className="text-heat">
                  ▲{" "}
                </span>
                {adaptation.worry}
              </p>
            )}
            {adaptation.help && (
              <Button weight="main" onClick={() => adaptation.help && onTake(adaptation.help)}>
                {adaptation.help.text}
              </Button>
            )}
            {adaptation.goOn && (
              <Button weight="quiet" onClick={() => adaptation.goOn && onTake(adaptation.goOn)}>
                {adaptation.goOn.text}
              </Button>
            )}
          </div>
        )}
        {!first && adaptation?.wantsWay && (adaptation.wholeDay?.clash ?? "") === "" && ways}
      </div>
    </section>
  );
}
