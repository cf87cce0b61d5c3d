import { useRef } from "react";
import { mergePatch } from "../api/mergePatch";
import { useCatalogue, useCookers, useWays } from "../api/queries";
import type { BraiseView, WayView } from "../api/types";
import { useTitle } from "../app/useTitle";
import { ComparePanel } from "../compare/ComparePanel";
import { DayPanel } from "../day/DayPanel";
import { DinnerPanel } from "../day/DinnerPanel";
import { WholeDayPanel } from "../day/WholeDayPanel";
import { HoursPanel } from "../hours/HoursPanel";
import { Button } from "../kit/Button";
import { Waiting } from "../kit/Waiting";
import { LedgerPanel } from "../ledger/LedgerPanel";
import { LiquidPanel } from "../liquid/LiquidPanel";
import { MeatPanel } from "../meat/MeatPanel";
import { PotPanel } from "../pot/PotPanel";
import { RecipePanel } from "../recipe/RecipePanel";
import { CautionsPanel } from "../safety/CautionsPanel";
import { Ways } from "../ways/Ways";
import { ConflictDialog } from "./ConflictDialog";
import { useDraft } from "./useDraft";
import { Verdict } from "./Verdict";

/** Everything about one braise on one page, live. */
export function Workbench({ loaded }: { loaded: BraiseView }) {
  const { draft, view, saving, refusal, change, history, takeTheirs, keepMine, setAside, swap } = useDraft(loaded);
  const catalogue = useCatalogue().data;
  const cookers = useCookers().data ?? [];
  useTitle(draft.title);
  const problem = (path: string) => view.problems.find((one) => one.path === path)?.message;
  const last = useRef(view.adaptation);
  last.current = view.adaptation ?? last.current;
  const adaptation = view.adaptation ?? last.current;
  const found = useWays(draft, view.id, view.adaptation?.wantsWay === true && saving === "saved");
  const take = (way: WayView) => change(mergePatch(draft, way.change));
  const ways = (
    <Ways ways={found.data?.ways ?? []} looking={found.data === undefined} error={found.error} onTake={take} />
  );
  const stale = view.adaptation === null && adaptation !== null;
  if (catalogue === undefined) {
    return <Waiting what="the choices" error={null} again={() => undefined} />;
  }
  return (
    <div className="grid gap-3">
      <Verdict
        view={view}
        title={draft.title}
        saving={saving}
        refusal={refusal}
        history={history}
        onTitle={(title) => change({ title })}
        ways={ways}
        onTake={take}
      />
      {setAside !== null && (
        <p role="status" className="flex flex-wrap items-center gap-3">
          The version that was not taken is still here.
          <Button weight="quiet" onClick={swap}>
            Change over to it
          </Button>
        </p>
      )}
      {stale && (
        <p role="status" className="font-semibold text-soft">
          Below is what held before the last change.
        </p>
      )}
      <div className="grid items-start gap-3 md:grid-cols-2 xl:grid-cols-[310px_minmax(0,1fr)_330px]">
        <div className="grid min-w-0 gap-3">
          <MeatPanel
            draft={draft}
            catalogue={catalogue}
            cookers={cookers}
            adaptation={adaptation}
            problem={problem}
            onChange={change}
          />
          <DinnerPanel
            draft={draft}
            catalogue={catalogue}
            taken={view.adaptation ? view.adaptation.serveText : undefined}
            problem={problem}
            onChange={change}
          />
        </div>
        {adaptation && (
          <div className="grid min-w-0 gap-3">
            <HoursPanel adaptation={adaptation} draft={draft} problem={problem} onChange={change} />
            <DayPanel adaptation={adaptation} braiseId={view.id} cookId={view.cookId} />
          </div>
        )}
        {adaptation && (
          <div className="grid min-w-0 gap-3 md:col-span-2 md:grid-cols-2 xl:col-span-1 xl:grid-cols-1">
            <PotPanel
              pot={adaptation.pot}
              levels={adaptation.levels}
              draft={draft}
              catalogue={catalogue}
              onChange={change}
            />
            <LiquidPanel draft={draft} catalogue={catalogue} adaptation={adaptation} onChange={change} />
          </div>
        )}
      </div>
      {adaptation && (
        <WholeDayPanel
          fork={adaptation.outcomes
            .find((outcome) => outcome.chosen)
            ?.windows.find((window) => window.level === draft.texture)}
          braiseId={view.id}
          day={adaptation.wholeDay}
          draft={draft}
          catalogue={catalogue}
          ways={ways}
          problems={view.problems.filter((one) => one.path.startsWith("pins.")).map((one) => one.message)}
          onChange={change}
        />
      )}
      {adaptation && (
        <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <LedgerPanel
            braiseId={view.id}
            ledger={adaptation.ledger}
            draft={draft}
            problem={problem}
            onChange={change}
          />
          <CautionsPanel findings={adaptation.findings} outcomes={adaptation.outcomes} onTake={take} />
        </div>
      )}
      {adaptation && (
        <ComparePanel
          braiseId={view.id}
          draft={draft}
          adaptation={adaptation}
          catalogue={catalogue}
          cookers={cookers}
          onTake={change}
        />
      )}
      <RecipePanel draft={draft} view={view} catalogue={catalogue} problem={problem} onChange={change} />
      <ConflictDialog
        open={saving === "conflict"}
        braiseId={view.id}
        mine={draft}
        onTheirs={takeTheirs}
        onMine={keepMine}
      />
    </div>
  );
}
