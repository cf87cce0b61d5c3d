import { useState } from "react";
import { useCookers } from "../api/queries";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { unsentNames } from "../kit/unsent";
import { Waiting } from "../kit/Waiting";
import { CookerForm } from "./CookerForm";
import { CookerPicture } from "./CookerPicture";
import { FirstCooker } from "./FirstCooker";
import { HasItChanged } from "./HasItChanged";
import { WaterTest } from "./WaterTest";

/** The one that is still to be sent, where a page was left with it. */
const waitingCooker = () => unsentNames("cooker.")[0] ?? null;

/** The cookers of the house, each to its size, with its water test. */
export function CookersPanel() {
  const cookers = useCookers();
  const [open, setOpen] = useState<string | null>(waitingCooker);
  if (cookers.data === undefined) {
    return <Waiting what="the cookers" error={cookers.error} again={() => cookers.refetch()} />;
  }
  const close = () => setOpen(null);
  return (
    <div className="grid content-start gap-5">
      {cookers.data.map((cooker) => (
        <Panel
          key={cooker.id}
          title={cooker.draft.name}
          aside={
            open?.startsWith(cooker.id) ? undefined : (
              <span className="flex gap-4 text-sm">
                <Button weight="quiet" onClick={() => setOpen(`${cooker.id} water`)}>
                  Water test
                </Button>
                <Button weight="quiet" onClick={() => setOpen(cooker.id)}>
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
              <HasItChanged cooker={cooker} />
              <p className="font-semibold">{cooker.summary}</p>
              <p className="text-sm text-soft">{cooker.inside}</p>
              <CookerPicture cooker={cooker} most={Math.max(...cookers.data.map((one) => one.length))} />
            </>
          )}
        </Panel>
      ))}
      {cookers.data.length === 0 && open === null && <FirstCooker onMade={() => undefined} />}
      {open === "new" ? (
        <Panel title="Another cooker">
          <CookerForm
            id={null}
            initial={{ name: "", capacity: "", shape: "oval", watts: "", autoWarm: "", hasMedium: false, revision: 0 }}
            onDone={close}
          />
        </Panel>
      ) : (
        <Button className="justify-self-start" onClick={() => setOpen("new")}>
          Add a cooker
        </Button>
      )}
    </div>
  );
}
