import { useHouse } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Waiting } from "../kit/Waiting";
import { CookersPanel } from "./CookersPanel";
import { HouseForm } from "./HouseForm";
import { MeaningsPanel } from "./MeaningsPanel";
import { Server } from "./Server";

/** The kitchen: who cooks, what there is to cook with, and how things are liked and written. */
export function KitchenPlace() {
  useTitle("Kitchen");
  const house = useHouse();
  return (
    <>
      <h1 className="sr-only">Pausis</h1>
      <PlaceHeading className="text-xl font-bold">The kitchen</PlaceHeading>
      {house.data === undefined ? (
        <Waiting what="the kitchen" error={house.error} again={() => house.refetch()} />
      ) : (
        <div className="mt-2 grid items-start gap-x-10 gap-y-6 table:grid-cols-2">
          <HouseForm house={house.data} />
          <div className="grid gap-6">
            <CookersPanel />
            <MeaningsPanel />
            <Server />
          </div>
        </div>
      )}
    </>
  );
}
