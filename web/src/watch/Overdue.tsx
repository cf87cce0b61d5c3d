import type { OverdueView } from "../api/types";
import { Button } from "../kit/Button";

/** Work that should be under way: is it? What it costs dinner if it isn't stands beside. */
export function Overdue({
  overdue,
  onRecord,
}: {
  overdue: OverdueView[];
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
}) {
  return overdue.map((one) => (
    <div key={one.job} data-testid="overdue" className="mt-2 border-t border-line pt-2">
      <p className="text-lg">
        <span aria-hidden="true" className="text-attention-ink">
          ▲{" "}
        </span>
        <strong>{one.clock}</strong> {one.text}: {one.cost || "is it under way?"}
      </p>
      <div className="mt-1 flex flex-wrap gap-3">
        <Button
          className="min-h-11 grow text-lg"
          onClick={() => onRecord("done", { job: one.job, done: true }, `done: ${one.text}`)}
        >
          It is done, or under way
        </Button>
        <Button
          className="min-h-11 text-lg"
          onClick={() => onRecord("done", { job: one.job, done: false }, `not yet: ${one.text}`)}
        >
          Not yet
        </Button>
      </div>
    </div>
  ));
}
