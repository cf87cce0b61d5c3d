import type { Box } from "../api/outbox";

/** On its way so long, milliseconds, it is said that it isn’t there yet. */
const A_WHILE = 2000;

/** What was recorded on this device and doesn’t reach the server; of what is there in a moment nothing is said. */
export function KeptHere({ box }: { box: Pick<Box, "entries" | "kept" | "failing"> }) {
  const first = box.entries[0];
  if (first === undefined || (box.kept && box.failing === null && Date.now() - first.made < A_WHILE)) {
    return null;
  }
  return (
    <details role="status" className="text-sm">
      <summary className="cursor-pointer font-semibold text-heat">
        <span aria-hidden="true">▲ </span>
        {box.kept ? `${box.entries.length} kept here` : "Not kept over a reload"}, not sent yet
      </summary>
      <p data-testid="waiting">
        {box.entries.map((entry) => entry.text).join("; ")}. Sent again every few seconds. Times are those last computed
        until then. {box.failing?.message}
      </p>
    </details>
  );
}
