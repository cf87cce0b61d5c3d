import { useState } from "react";
import { useCookers } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { Waiting } from "../kit/Waiting";
import { CookerForm } from "./CookerForm";
import { CookerPicture } from "./CookerPicture";
import { WaterTest } from "./WaterTest";

export function CookersPage() {
  useTitle("Cookers");
  const cookers = useCookers();
  const [open, setOpen] = useState<string | null>(null);
  if (cookers.data === undefined) {
    return <Waiting what="the cookers" error={cookers.error} again={() => cookers.refetch()} />;
  }
  const close = () => setOpen(null);
  return (
    <div className="mx-auto grid max-w-4xl gap-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-2xl font-bold">Cookers</h1>
        {open !== "new" && (
          <Button weight="main" onClick={() => setOpen("new")}>
            Add a cooker
          </Button>
        )}
      </div>
      {open === "new" && (
        <Panel title="A new cooker">
          <CookerForm
            id={null}
            initial={{ name: "", capacity: "", shape: "oval", watts: "", autoWarm: "", hasMedium: false }}
            onDone={close}
          />
        </Panel>
      )}
      {cookers.data.length === 0 && open === null && (
        <p className="rounded-xl border-2 border-dashed border-line p-8 text-center">
          No cooker yet. Its size decides what fits, its watts how fast it heats: both stand on its underside.
        </p>
      )}
      {cookers.data.map((cooker) => (
        <Panel
          key={cooker.id}
          title={cooker.draft.name}
          aside={
            open?.startsWith(cooker.id) ? undefined : (
              <span className="flex">
                <Button weight="quiet" className="px-2" onClick={() => setOpen(`${cooker.id} water`)}>
                  Water test
                </Button>
                <Button weight="quiet" className="px-2" onClick={() => setOpen(cooker.id)}>
                  Change
                </Button>
              </span>
            )
          }
        >
          {open === cooker.id ? (
            <CookerForm id={cooker.id} initial={cooker.draft} onDone={close} />
          ) : open === `${cooker.id} water` ? (
            <WaterTest cooker={cooker} onDone={close} />
          ) : (
            <>
              <p className="text-lg font-semibold">{cooker.summary}</p>
              <p className="text-soft">{cooker.inside}</p>
              <CookerPicture cooker={cooker} most={Math.max(...cookers.data.map((one) => one.length))} />
            </>
          )}
        </Panel>
      ))}
    </div>
  );
}
