import { useContext } from "react";
import { Link } from "react-router";
import { useBraises, useDeleteBraise, useRestoreBraise } from "../api/queries";
import type { BraiseSummary } from "../api/types";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { ToastContext } from "../kit/toast";
import { Waiting } from "../kit/Waiting";

const STATES: Record<string, { sign: string; word: string; look: string }> = {
  planned: { sign: "○", word: "planned", look: "text-soft" },
  cooking: { sign: "◉", word: "on now", look: "text-heat" },
  past: { sign: "–", word: "not cooked", look: "text-soft" },
  cooked: { sign: "✓", word: "cooked", look: "text-done" },
};

export function BraisesPage() {
  useTitle("Braises");
  const braises = useBraises();
  const remove = useDeleteBraise();
  const restore = useRestoreBraise();
  const say = useContext(ToastContext);

  const deleteWithUndo = (braise: BraiseSummary) =>
    remove.mutate(braise.id, {
      onSuccess: () =>
        say({
          text: `“${braise.title}” was deleted.`,
          action: { label: "Undo", run: () => restore.mutate(braise.id) },
        }),
      onError: (error) => say({ text: error.message }),
    });

  if (braises.data === undefined) {
    return <Waiting what="the braises" error={braises.error} again={() => braises.refetch()} />;
  }
  return (
    <div className="mx-auto max-w-4xl">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-2xl font-bold">Braises</h1>
        <Link
          to="/bring"
          className="inline-flex min-h-11 items-center rounded-lg border-2 border-rim bg-rim px-4 font-semibold text-on-rim hover:brightness-110"
        >
          Bring a recipe
        </Link>
      </div>
      {braises.data.length === 0 && (
        <div className="rounded-xl border-2 border-dashed border-line p-8 text-center">
          <p className="text-lg font-semibold">Nothing is planned yet.</p>
          <p className="mt-1 text-soft">
            Bring a braise recipe, written for an oven or a hob. Say what meat you have, which cooker, and when you want
            to eat.
          </p>
        </div>
      )}
      <ul className="grid gap-3">
        {braises.data.map((braise) => {
          const state = STATES[braise.state];
          return (
            <li key={braise.id} className="rounded-xl border-2 border-rim bg-panel p-4">
              <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
                <div className="min-w-0 flex-1 basis-80">
                  <h2 className="text-lg leading-snug font-bold">
                    <Link to={`/braises/${braise.id}`} className="text-rim underline-offset-4 hover:underline">
                      {braise.title}
                    </Link>
                  </h2>
                  <p className={`text-sm font-semibold ${state?.look}`}>
                    <span aria-hidden="true">{state?.sign} </span>
                    {state?.word}, for {braise.serveText}
                  </p>
                  <p className="mt-1">{braise.headline || "Something is still missing; open it to see what."}</p>
                </div>
                <div className="flex flex-wrap gap-2">
                  {braise.cookId !== null && (
                    <Link
                      to={`/cooks/${braise.cookId}`}
                      className="inline-flex min-h-11 items-center rounded-lg border-2 border-heat px-4 font-semibold text-heat"
                    >
                      To the pot
                    </Link>
                  )}
                  <Button weight="quiet" onClick={() => deleteWithUndo(braise)} aria-label={`Delete ${braise.title}`}>
                    Delete
                  </Button>
                </div>
              </div>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
