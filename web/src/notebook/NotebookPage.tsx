import { useNotebook } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Panel } from "../kit/Panel";
import { Waiting } from "../kit/Waiting";

/** Planned against happened, cook by cook. */
export function NotebookPage() {
  useTitle("Notebook");
  const notebook = useNotebook();
  if (notebook.data === undefined) {
    return <Waiting what="the notebook" error={notebook.error} again={() => notebook.refetch()} />;
  }
  return (
    <div className="mx-auto grid max-w-4xl gap-3">
      <h1 className="text-2xl font-bold">Notebook</h1>
      {notebook.data.length === 0 && (
        <div className="rounded-xl border-2 border-dashed border-line p-8 text-center">
          <p className="text-lg font-semibold">No cook has been closed yet.</p>
          <p className="mt-1 text-soft">
            When dinner is over, close the cook at the stove. What was planned and what happened is then kept here.
          </p>
        </div>
      )}
      {notebook.data.map((entry) => (
        <Panel key={entry.id} title={entry.title} aside={<span className="text-sm text-soft">{entry.date}</span>}>
          <table className="w-full border-collapse">
            <thead>
              <tr className="border-b-2 border-rim text-left text-sm text-soft">
                <th className="py-1 font-semibold">
                  <span className="sr-only">what</span>
                </th>
                <th className="py-1 font-semibold">planned</th>
                <th className="py-1 font-semibold">happened</th>
              </tr>
            </thead>
            <tbody>
              {entry.lines.map((line) => (
                <tr key={line.what} className="border-b border-line">
                  <th scope="row" className="py-1 text-left font-normal text-soft">
                    {line.what}
                  </th>
                  <td className="py-1">{line.planned}</td>
                  <td className="py-1 font-semibold">{line.happened}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {entry.note && <p className="mt-3 max-w-prose whitespace-pre-wrap">{entry.note}</p>}
        </Panel>
      ))}
    </div>
  );
}
