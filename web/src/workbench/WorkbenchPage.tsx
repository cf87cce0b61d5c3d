import { useParams } from "react-router";
import { useBraise } from "../api/queries";
import { Waiting } from "../kit/Waiting";
import { Workbench } from "./Workbench";

export function WorkbenchPage() {
  const { id = "" } = useParams();
  const braise = useBraise(id);
  if (braise.data === undefined) {
    return <Waiting what="the braise" error={braise.error} again={() => braise.refetch()} />;
  }
  return <Workbench key={id} loaded={braise.data} />;
}
