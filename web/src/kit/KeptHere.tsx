import type { Box } from "../api/outbox";
import { Notice } from "./Notice";

/** What was recorded on this device and has not reached the server. */
export function KeptHere({ box }: { box: Pick<Box, "entries" | "kept" | "failing"> }) {
  if (box.entries.length === 0) {
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
