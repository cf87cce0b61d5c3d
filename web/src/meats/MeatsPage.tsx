import { useState } from "react";
import { useNavigate } from "react-router";
import { mergePatch } from "../api/mergePatch";
import { useCookers, useCreateBraise, usePlainBraise } from "../api/queries";
import type { BraiseDraft } from "../api/types";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { DayField } from "../kit/DayField";
import { Figure, Pick } from "../kit/Figure";
import { Waiting } from "../kit/Waiting";
import { FirstCooker } from "../kitchen/FirstCooker";
import { Meats } from "./Meats";

/** Which meat for a day, from nothing: taken, it is a plain braise with it. */
export function MeatsPage() {
  useTitle("Which meat?");
  const plain = usePlainBraise();
  const cookers = useCookers();
  const create = useCreateBraise();
  const navigate = useNavigate();
  const [said, setSaid] = useState<Partial<BraiseDraft>>({});
  if (plain.data === undefined || cookers.data === undefined) {
    return <Waiting what="the cuts" error={plain.error ?? cookers.error} again={() => plain.refetch()} />;
  }
  const first = plain.data.cookerId || cookers.data[0]?.id || "";
  const draft: BraiseDraft = { ...plain.data, cookerId: first, ...said };
  const [day = "", time = ""] = draft.serveAt.split("T");
  return (
    <>
      <h1 className="sr-only">Pausis</h1>
      <PlaceHeading className="text-xl font-bold">Which meat for this day?</PlaceHeading>
      <div className="mt-2 grid items-start gap-x-10 gap-y-4 table:grid-cols-[18rem_minmax(0,1fr)]">
        <div className="grid gap-2">
          <DayField
            label="Eat on"
            value={day}
            onChange={(other) => setSaid({ ...said, serveAt: `${other}T${time}` })}
          />
          <Figure
            above
            label="Eat at"
            value={time}
            onChange={(value) => setSaid({ ...said, serveAt: `${day}T${value}` })}
          />
          <Figure
            above
            label="At table"
            inputMode="numeric"
            value={draft.serves}
            onChange={(serves) => setSaid({ ...said, serves })}
          />
          {cookers.data.length === 0 ? (
            <FirstCooker onMade={(cookerId) => setSaid({ ...said, cookerId })} />
          ) : (
            <Pick
              label="Cooker"
              wide
              value={draft.cookerId}
              options={cookers.data.map((one) => ({ value: one.id, label: one.draft.name }))}
              onChange={(cookerId) => setSaid({ ...said, cookerId })}
            />
          )}
        </div>
        {draft.cookerId !== "" && (
          <Meats
            draft={draft}
            taking="plan it"
            onTake={(offer) =>
              create.mutate(
                mergePatch({ ...draft, title: `A plain braise of ${offer.name}` }, offer.change) as BraiseDraft,
                {
                  onSuccess: (braise) => navigate(`/braises/${braise.id}/pot`),
                },
              )
            }
          />
        )}
      </div>
    </>
  );
}
