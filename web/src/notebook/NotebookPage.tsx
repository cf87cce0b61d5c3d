import { useNotebook } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Waiting } from "../kit/Waiting";
import { Entry } from "./Entry";

/** Every cook that is over, the last first. */
export function NotebookPage() {
  useTitle("Notebook");
  const notebook = useNotebook();
  return (
    <div className="mx-auto grid max-w-4xl gap-5">
      <h1 className="sr-only">Pausis</h1>
      <PlaceHeading className="text-xl font-bold">The notebook</PlaceHeading>
      {notebook.data === undefined && (
        <Waiting what="the notebook" error={notebook.error} again={() => notebook.refetch()} />
      )}
      {notebook.data?.cooks.length === 0 && (
        <p>
          <strong>No cook has been closed yet.</strong> When dinner is over, close the cook at the stove: what was
          planned and what happened is then kept here.
        </p>
      )}
      {notebook.data?.cooks.map((entry, index) => (
        <Entry key={entry.id} entry={entry} first={index === 0} />
      ))}
    </div>
  );
}
