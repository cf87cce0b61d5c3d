import { useParams } from "react-router";
import { useCook } from "../api/queries";
import { Waiting } from "../kit/Waiting";
import { Cook } from "./Cook";

export function CookPage() {
  const { id = "" } = useParams();
  const cook = useCook(id);
  if (cook.data === undefined) {
    return <Waiting what="the pot" error={cook.error} again={() => cook.refetch()} />;
  }
  return <Cook cook={cook.data} stale={cook.error !== null} />;
}
