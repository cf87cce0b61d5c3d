import type { Box } from "../api/outbox";
import { Notice } from "./Notice";

/** On its way so long, milliseconds, it is said that it isn’t there yet. */
const A_WHILE = 2000;

/** What was recorded on this device and doesn’t reach the server; of what is there in a moment nothing is said. */
export function KeptHere({ box }: { box: Pick<Box, "entries" | "kept" | "failing"> }) {
  const first = box.entries[0];
  if (first === undefined || (box.kept && box.failing === null && Date.now() - first.made < A_WHILE)) {
    return null;
  }
  return (
    <Notice kind="warn" word={box.kept ? `${box.entries.length} kept here` : "Not kept over a reload"} live>
      <p data-testid="waiting">
        Not sent yet: {box.entries.map((entry) => entry.text).join("; ")}. Sent again every few seconds. Times are those
        last computed until then. {box.failing?.message}
      </p>
    </Notice>
  );
}
