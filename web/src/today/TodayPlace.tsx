import { useContext } from "react";
import { Link } from "react-router";
import { useAtHand, useDeleteBraise, useHouse, useRestoreBraise, useToday } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Ribbon } from "../clock/Ribbon";
import { ToastContext } from "../kit/toast";
import { useTable } from "../kit/useTable";
import { Waiting } from "../kit/Waiting";
import { FirstCooker } from "../kitchen/FirstCooker";
import { BringBox } from "./BringBox";
import { Jobs } from "./Jobs";
import { EmptyPot, NextPot, RunningPot } from "./Shelf";

/** The house today: the pots that are on, one list of what is to do, what is planned, and the way in for a recipe. */
export function TodayPlace() {
  useTitle("Today");
  const query = useToday();
  useAtHand(query.data);
  const house = useHouse();
  const table = useTable();
  const remove = useDeleteBraise();
  const restore = useRestoreBraise();
  const say = useContext(ToastContext);
  const today = query.data;
  if (today === undefined || house.data === undefined) {
    return (
      <>
        <h1 className="sr-only">Pausis</h1>
        <Waiting
          what="today"
          error={query.error ?? house.error}
          again={() => Promise.all([query.refetch(), house.refetch()])}
        />
      </>
    );
  }
  const deleteWithUndo = (braise: { id: string; title: string }) =>
    remove.mutate(braise.id, {
      onSuccess: () =>
        say({
          text: `“${braise.title}” was deleted.`,
          action: { label: "Undo", run: () => restore.mutate(braise.id) },
        }),
      onError: (error) => say({ text: error.message }),
    });
  const deletion = (braise: { id: string; title: string }) => (
    <button
      type="button"
      className="link text-sm"
      aria-label={`Delete ${braise.title}`}
      onClick={() => deleteWithUndo(braise)}
    >
      delete
    </button>
  );
  const nothing = today.running.length + today.planned.length + today.past.length === 0;
  const isEmpty = nothing && today.jobs.length === 0;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="sr-only">Pausis</h1>
        <PlaceHeading className="text-xl font-bold">{today.date}</PlaceHeading>
        <span className="text-xl font-bold text-rim">{today.clock}</span>
        {query.error !== null && (
          <span role="status" className="text-sm font-semibold text-heat">
            Not reached: shown as of {today.clock}. It is asked again every few seconds.
          </span>
        )}
      </div>
      {isEmpty && (
        <section aria-label="What this is" className="mt-2 grid gap-3 table:grid-cols-[minmax(0,1fr)_20rem]">
          <div>
            <p className="max-w-prose text-lg">
              Pausis makes a braise that was written for an oven or a hob fit your slow cooker: low or high and the
              hours, less liquid, and the whole day counted back from dinner. Everything it says can be unfolded into
              its sum.
            </p>
            <BringBox wide />
          </div>
          {today.free.length > 0 && (
            <div className="flex flex-wrap gap-3">
              {today.free.map((cooker) => (
                <EmptyPot key={cooker.id} cooker={cooker} />
              ))}
            </div>
          )}
        </section>
      )}
      {!today.hasCooker && (
        <div className="mt-4 max-w-xl border-t-2 border-rim pt-2">
          <FirstCooker onMade={() => undefined} />
        </div>
      )}
      {!isEmpty && (
        <div className="mt-2 grid items-start gap-x-8 gap-y-4 table:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
          <section aria-label="Pots" className="grid gap-4">
            {today.running.map((pot) => (
              <RunningPot key={pot.cookId} pot={pot} />
            ))}
            {today.running.length === 0 && today.planned[0] && <NextPot braise={today.planned[0]} />}
            {(today.running.length > 0 || today.planned.length === 0) && today.free.length > 0 && (
              <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
                {today.free.map((cooker) => (
                  <EmptyPot key={cooker.id} cooker={cooker} />
                ))}
              </div>
            )}
          </section>
          <Jobs today={today} />
        </div>
      )}
      {today.planned.length > 0 && (
        <section aria-labelledby="planned" className="mt-5">
          <h3 id="planned" className="border-b-2 border-rim text-lg font-bold text-rim">
            Planned
          </h3>
          <ul>
            {today.planned.map((braise) => (
              <li key={braise.id} className="border-b border-line py-2">
                <div className="flex flex-wrap items-baseline gap-x-3">
                  <span className="text-sm text-soft">{braise.day}</span>
                  <h4 className="min-w-0 text-lg font-bold" dir="auto">
                    <Link to={`/braises/${braise.id}/pot`} className="line-clamp-2 text-ink hover:underline">
                      {braise.title}
                    </Link>
                  </h4>
                  <p className={`min-w-0 flex-1 basis-80 text-sm ${braise.works ? "" : "font-semibold text-heat"}`}>
                    {!braise.works && <span aria-hidden="true">■ </span>}
                    {braise.verdict || "Something is still missing; open it to see what."}
                  </p>
                  {deletion(braise)}
                </div>
                {braise.ribbon && braise.works && (
                  <div aria-hidden="true">
                    <Ribbon ribbon={braise.ribbon} said={braise.verdict} bare />
                  </div>
                )}
                {braise.worry !== "" && (
                  <p className="text-sm text-soft">
                    <span aria-hidden="true" className="text-attention-ink">
                      ▲{" "}
                    </span>
                    {braise.worry}
                  </p>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {!isEmpty && (
        <section aria-label="Bring a recipe" className="mt-5 border-t-2 border-rim pt-2">
          <BringBox wide={table} />
        </section>
      )}
      {today.past.length > 0 && (
        <details className="mt-4">
          <summary className="link inline-block cursor-pointer">
            {today.past.length} {today.past.length === 1 ? "braise whose day is over" : "braises whose days are over"}
          </summary>
          <ul className="mt-1">
            {today.past.map((braise) => (
              <li key={braise.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
                <h4 className="font-semibold" dir="auto">
                  <Link
                    to={`/braises/${braise.id}/${braise.cooked ? "after" : "day"}`}
                    className="text-ink hover:underline"
                  >
                    {braise.title}
                  </Link>
                </h4>
                <span className="min-w-0 flex-1 text-sm text-soft">{braise.text}</span>
                <Link to={`/braises/${braise.id}/day`} className="link text-sm">
                  cook it again<span className="sr-only">: {braise.title}</span>
                </Link>
                {deletion(braise)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
