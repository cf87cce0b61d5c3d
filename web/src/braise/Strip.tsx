import { Link } from "react-router";
import { Mark } from "../app/Mark";
import { Places } from "../app/Places";
import { BRAISE } from "../app/places";
import { localMoment } from "../clock/localMoment";
import { Ribbon } from "../clock/Ribbon";
import { useClock } from "../clock/useClock";
import { UndoButtons } from "../kit/UndoButtons";
import { useTable } from "../kit/useTable";
import { useBraisePlace } from "./BraiseContext";
import { justMoved } from "./justMoved";
import type { Saving } from "./useDraft";
import { useStripHeight } from "./useStripHeight";

/** So long before it goes on, the way to the stove is in the strip. */
const SOON_MS = 3_600_000;

const SAYS: Record<Saving, string> = {
  saved: "kept",
  saving: "keeping …",
  offline: "kept here, sent later",
  conflict: "changed in another window",
  refused: "not kept",
};

type History = { canUndo: boolean; canRedo: boolean; undo: () => void; redo: () => void };

/** Always in sight: the braise, its verdict along the clock, what just moved, whether it is kept, and the places. */
export function Strip({ saving, refusal, history }: { saving: Saving; refusal: string; history: History }) {
  const { draft, view, adaptation, before, change, take, helps, at, lookAt } = useBraisePlace();
  const table = useTable();
  const strip = useStripHeight();
  const { zone } = useClock();
  const missing = view.adaptation === null ? view.problems[0]?.message : undefined;
  const isOver = view.problems[0]?.code === "serve-in-the-past";
  const said =
    missing === undefined ? (adaptation?.verdict ?? "") : isOver ? missing : `Something is missing: ${missing}`;
  const moved = justMoved(adaptation, before);
  const worry = missing === undefined ? (adaptation?.worry ?? "") : "";
  const stale = view.adaptation === null && adaptation !== null ? "Below is what held before the last change." : "";
  const kept = (
    <span
      role="status"
      title={saving === "refused" || saving === "offline" ? refusal : undefined}
      className={saving === "saved" || saving === "saving" ? "text-soft" : "font-semibold text-heat"}
    >
      {SAYS[saving]}
      {saving === "refused" && `: ${refusal}`}
    </span>
  );
  const ways = [helps[adaptation?.worryRule ?? ""], adaptation?.goOn].map(
    (way) =>
      way &&
      missing === undefined && (
        <button key={way.code} type="button" className="link shrink-0 text-sm" onClick={() => take(way)}>
          {way.text}
        </button>
      ),
  );
  const ribbon = adaptation && (
    <Ribbon
      ribbon={adaptation.ribbon}
      before={before?.ribbon ?? null}
      said={said}
      bare={!table}
      at={at}
      onServe={(moment) => change({ serveAt: localMoment(moment, zone) })}
      onStart={(moment) => change({ handling: { ...draft.handling, start: localMoment(moment, zone) } })}
      onAt={lookAt}
    />
  );
  const short =
    missing === undefined
      ? (adaptation?.ribbon.phrases ?? [])
          .filter((phrase) => ["on", "likely", "serve"].includes(phrase.kind))
          .map((phrase) => `${phrase.before} ${phrase.clock} ${phrase.after}`.trim())
          .join(", ")
      : "";
  const on = adaptation ? Date.parse(adaptation.ribbon.switchOn) : Number.NaN;
  const soon = adaptation !== null && on - Date.parse(adaptation.ribbon.now) < SOON_MS && missing === undefined;
  const stove =
    view.cookId !== null ? (
      <Link to={`/cooks/${view.cookId}`} className="link shrink-0 font-bold text-heat">
        the pot is on
      </Link>
    ) : (
      soon && (
        <Link to={`/braises/${view.id}/stove`} className="link shrink-0 font-bold">
          switched on?
        </Link>
      )
    );
  if (!table) {
    return (
      <>
        <header ref={strip} className="sticky top-0 z-30 border-b-2 border-rim bg-panel px-4 pt-1 pb-0.5">
          <div className="flex items-center gap-2 text-xs text-soft">
            <Link to="/" className="link flex min-h-6 items-center" aria-label="Today">
              <Mark />
            </Link>
            <Name />
            {stove}
            <UndoButtons {...history} />
            {kept}
          </div>
          <p data-testid="verdict" className="sr-only">
            {said}
          </p>
          <p aria-hidden="true" className="line-clamp-3 text-base leading-[1.15] font-bold">
            {short === "" ? said : short}
          </p>
          <p role="status" className="min-h-4 truncate text-xs text-soft">
            {stale === "" ? moved : stale}
          </p>
          {ribbon}
        </header>
        <div className="fixed inset-x-0 bottom-0 z-30 border-t-2 border-rim bg-panel">
          <Places label="Places of the braise" places={BRAISE} base={`/braises/${view.id}`} bar />
        </div>
        {worry !== "" && (
          <p className="px-4 pt-2 text-sm">
            <span aria-hidden="true" className="text-attention-ink">
              ▲{" "}
            </span>
            {worry} {ways}
          </p>
        )}
      </>
    );
  }
  return (
    <header ref={strip} className="sticky top-0 z-30 bg-ground">
      <div className="flex h-10 items-start gap-4 bg-panel px-6">
        <Link to="/" className="flex h-10 shrink-0 items-center gap-2 font-extrabold tracking-tight text-rim">
          <Mark />
          Today
        </Link>
        <Name />
        <Places label="Places of the braise" places={BRAISE} base={`/braises/${view.id}`} />
        <div className="flex h-10 shrink-0 items-center gap-3 text-sm">
          {stove}
          <UndoButtons {...history} />
          <span className="min-w-16 text-right">{kept}</span>
        </div>
      </div>
      <div className="flex h-6 items-baseline gap-3 px-6 text-sm">
        <p className="min-w-0 truncate" title={worry}>
          {worry !== "" && (
            <>
              <span aria-hidden="true" className="text-attention-ink">
                ▲{" "}
              </span>
              {worry}
            </>
          )}
        </p>
        {ways}
        <p role="status" className="ml-auto shrink-0 text-soft">
          {stale}
          {stale === "" && moved !== "" && (
            <>
              <strong className="text-ink">Just moved</strong> {moved}
            </>
          )}
        </p>
      </div>
      <div className="px-6 pb-1" aria-live="polite">
        {ribbon ?? (
          <p data-testid="verdict" className="py-3 text-lg font-bold">
            {said}
          </p>
        )}
      </div>
    </header>
  );
}

function Name() {
  const { draft, change } = useBraisePlace();
  return (
    <h1 className="min-w-0 flex-1">
      <input
        aria-label="Name of the braise"
        value={draft.title}
        maxLength={200}
        dir="auto"
        onChange={(event) => change({ title: event.target.value })}
        className="h-6 w-full truncate rounded bg-transparent font-bold text-ink table:h-10 table:text-lg"
      />
    </h1>
  );
}
