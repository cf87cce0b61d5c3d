import type { NotebookView } from "../api/types";
import { Panel } from "../kit/Panel";

/** One cook: planned against happened. */
export function Entry({ entry }: { entry: NotebookView }) {
  return (
    <Panel title={entry.title} aside={<span className="text-sm text-soft">{entry.date}</span>}>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-edge text-left text-sm text-soft">
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
  );
}
