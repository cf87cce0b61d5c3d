import { useHouse } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Waiting } from "../kit/Waiting";
import { HouseForm } from "./HouseForm";

export function HousePage() {
  useTitle("House");
  const house = useHouse();
  if (house.data === undefined) {
    return <Waiting what="the house" error={house.error} again={() => house.refetch()} />;
  }
  return <HouseForm house={house.data} />;
}
