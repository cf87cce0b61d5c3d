import { useCookedOf } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { Waiting } from "../kit/Waiting";
import { Entry } from "./Entry";

/** What the notebook has of this braise. */
export function AfterPlace() {
  const { view } = useBraisePlace();
  const notebook = useCookedOf(view.id);
  const entries = notebook.data;
  return (
    <div className="grid max-w-3xl gap-4 pt-3">
      <PlaceHeading className="text-xl font-bold text-rim">After</PlaceHeading>
      {entries === undefined && <Waiting what="the notebook" error={notebook.error} again={() => notebook.refetch()} />}
      {entries?.length === 0 && (
        <p>It has not been cooked yet. When dinner is over and the cook is closed at the stove, its page is here.</p>
      )}
      {entries?.map((entry, index) => (
        <Entry key={entry.id} entry={entry} first={index === 0} />
      ))}
    </div>
  );
}
