import { useHouse } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Waiting } from "../kit/Waiting";
import { HouseForm } from "./HouseForm";
import { MeaningsPanel } from "./MeaningsPanel";

export function HousePage() {
  useTitle("House");
  const house = useHouse();
  if (house.data === undefined) {
    return <Waiting what="the house" error={house.error} again={() => house.refetch()} />;
  }
  return (
    <div className="grid gap-4">
      <HouseForm house={house.data} />
      <div className="mx-auto w-full max-w-3xl">
        <MeaningsPanel />
      </div>
    </div>
  );
}
