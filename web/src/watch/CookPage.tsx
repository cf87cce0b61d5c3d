import { useParams } from "react-router";
import { useCook } from "../api/queries";
import { Waiting } from "../kit/Waiting";
import { Cook } from "./Cook";

export function CookPage() {
  const { id = "" } = useParams();
  const cook = useCook(id);
  return (
    <main id="content" tabIndex={-1} className="p-3 outline-none sm:p-4">
      {cook.data === undefined ? (
        <>
          <h1 className="sr-only">The stove</h1>
          <Waiting what="the pot" error={cook.error} again={() => cook.refetch()} />
        </>
      ) : (
        <Cook cook={cook.data} stale={cook.error !== null} />
      )}
    </main>
  );
}
