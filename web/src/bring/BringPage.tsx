import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { useTable } from "../kit/useTable";
import { BringBox } from "../today/BringBox";

/** Bringing a recipe, with room for a long one. */
export function BringPage() {
  useTitle("Bring a recipe");
  const table = useTable();
  return (
    <div className="max-w-3xl">
      <h1 className="sr-only">Pausis</h1>
      <PlaceHeading className="text-xl font-bold">Bring a recipe</PlaceHeading>
      <BringBox wide={table} tall />
    </div>
  );
}
