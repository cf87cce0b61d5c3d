import type { CookedView } from "../api/types";
import { Panel } from "../kit/Panel";

/** One cook: how it went, in a line. */
export function Entry({ entry }: { entry: CookedView }) {
  return (
    <Panel title={entry.title} aside={<span className="text-sm text-soft">{entry.date}</span>}>
      <p className="text-soft">{entry.what}</p>
      <p className="font-semibold">{entry.said}</p>
      {entry.note && <p className="mt-2 max-w-prose whitespace-pre-wrap">{entry.note}</p>}
    </Panel>
  );
}
