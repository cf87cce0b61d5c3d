import { Suspense, useCallback, useEffect, useRef, useState } from "react";
import { Link, Outlet, useLocation, useParams } from "react-router";
import { mergePatch } from "../api/mergePatch";
import { useBraise, useCatalogue, useCookers, useHouse, useWays } from "../api/queries";
import type { Adaptation, BraiseView, WayView } from "../api/types";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Waiting } from "../kit/Waiting";
import { Ways } from "../ways/Ways";
import { BraiseContext } from "./BraiseContext";
import { ConflictDialog } from "./ConflictDialog";
import { Strip } from "./Strip";
import { useBefore } from "./useBefore";
import { useDraft } from "./useDraft";

export function BraisePage() {
  const { id = "" } = useParams();
  const braise = useBraise(id);
  if (braise.data === undefined) {
    return (
      <main id="content">
        <h1 className="sr-only">A braise</h1>
        <Waiting what="the braise" error={braise.error} again={() => braise.refetch()} />
      </main>
    );
  }
  return <Braise key={id} loaded={braise.data} />;
}

/** One braise, live in all its places. */
function Braise({ loaded }: { loaded: BraiseView }) {
  const { draft, view, saving, refusal, change, look, history, takeTheirs, keepMine, setAside, swap } =
    useDraft(loaded);
  useEffect(() => look(loaded), [look, loaded]);
  const catalogue = useCatalogue().data;
  const cookers = useCookers().data;
  const house = useHouse().data;
  const [at, lookAt] = useState<number | null>(null);
  useTitle(draft.title);
  const last = useRef<Adaptation | null>(view.adaptation);
  last.current = view.adaptation ?? last.current;
  const adaptation = last.current;
  const before = useBefore(adaptation);
  const asks = view.adaptation?.wantsWay || view.adaptation?.findings.some((finding) => finding.asks);
  const found = useWays(draft, view.id, asks === true && saving === "saved");
  const helps = Object.fromEntries((asks ? (found.data?.helps ?? []) : []).map((help) => [help.rule, help.way]));
  const take = useCallback((way: WayView) => change(mergePatch(draft, way.change)), [change, draft]);
  const ways = (
    <Ways ways={found.data?.ways ?? []} looking={found.data === undefined} error={found.error} onTake={take} />
  );
  const clash = view.adaptation?.wholeDay?.clash ?? "";
  const atDay = useLocation().pathname.endsWith("/day");
  const problem = (path: string) => view.problems.find((one) => one.path === path)?.message;
  if (catalogue === undefined || cookers === undefined || house === undefined) {
    return <Waiting what="the choices" error={null} again={() => undefined} />;
  }
  return (
    <BraiseContext
      value={{ draft, view, adaptation, before, catalogue, cookers, at, lookAt, change, take, helps, ways, problem }}
    >
      <Strip saving={saving} refusal={refusal} history={history} />
      <main id="content" tabIndex={-1} className="px-4 outline-none table:px-6">
        {saving === "offline" && (
          <p role="status" className="mt-1 text-sm font-semibold text-heat">
            {refusal} What you typed is kept on this device and sent again every few seconds.
          </p>
        )}
        {setAside !== null && (
          <p role="status" className="mt-1 flex flex-wrap items-center gap-3 text-sm">
            The version that was not taken is still here.
            <Button weight="quiet" onClick={swap}>
              Change over to it
            </Button>
          </p>
        )}
        {view.adaptation?.wantsWay && clash === "" && !(atDay && view.adaptation.wholeDay === null) && ways}
        {clash !== "" && !atDay && (
          <p role="status" className="mt-1 text-sm font-semibold text-heat">
            ■ {clash}{" "}
            <Link to={`/braises/${view.id}/day`} className="link">
              Answer it in the day
            </Link>
          </p>
        )}
        <Suspense fallback={<Waiting what="the place" error={null} again={() => undefined} />}>
          <Outlet />
        </Suspense>
      </main>
      <ConflictDialog
        open={saving === "conflict"}
        braiseId={view.id}
        mine={draft}
        onTheirs={takeTheirs}
        onMine={keepMine}
      />
    </BraiseContext>
  );
}
