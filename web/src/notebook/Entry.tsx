import { useState } from "react";
import { useCookedPage } from "../api/queries";
import type { CookedView } from "../api/types";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";

/** One cook: how it went, and on demand what was planned beside what happened. */
export function Entry({ entry, first = false }: { entry: CookedView; first?: boolean }) {
  const [open, setOpen] = useState(first);
  return (
    <Panel title={entry.title} aside={<span className="text-sm text-soft">{entry.date}</span>}>
      <p className="text-soft">{entry.what}</p>
      <p className="font-semibold">{entry.said}</p>
      {entry.note && <p className="mt-2 max-w-prose whitespace-pre-wrap">{entry.note}</p>}
      {open ? (
        <Planned id={entry.id} />
      ) : (
        <Button weight="quiet" aria-label={`Planned and happened: ${entry.title}`} onClick={() => setOpen(true)}>
          Planned and happened
        </Button>
      )}
    </Panel>
  );
}

function Planned({ id }: { id: string }) {
  const page = useCookedPage(id);
  return page.data === undefined ? (
    <p role="status" className="text-soft">
      {page.error?.message ?? "Getting the page …"}
    </p>
  ) : (
    <>
      <table className="mt-2 w-full border-collapse">
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
          {page.data.lines.map((line) => (
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
      {page.data.learned && <p className="mt-2">{page.data.learned}</p>}
    </>
  );
}
