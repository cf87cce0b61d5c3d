import type { WayView } from "../api/types";
import { Button } from "../kit/Button";

/** What would work where a day can't be, each taken and planned by the server before it is offered. */
export function Ways({
  ways,
  looking,
  error,
  onTake,
}: {
  ways: WayView[];
  looking: boolean;
  error: Error | null;
  onTake: (way: WayView) => void;
}) {
  return (
    <div className="mt-1 flex min-h-9 flex-wrap items-center gap-x-2 gap-y-1 text-sm" aria-live="polite">
      {error !== null && <p className="text-soft">What would work could not be looked for just now.</p>}
      {error === null && looking && <p className="text-soft">Looking for what would work …</p>}
      {error === null && !looking && ways.length === 0 && (
        <p className="text-soft">
          Nothing that was tried works in this kitchen that day. Choose another dinner or another cooker.
        </p>
      )}
      {ways.length > 0 && <strong>What would work:</strong>}
      {ways.map((way) =>
        Object.keys(way.change).length === 0 ? (
          <strong key={way.text}>{way.text}</strong>
        ) : (
          <Button key={way.text} title={way.serveText} onClick={() => onTake(way)}>
            {way.text}
          </Button>
        ),
      )}
    </div>
  );
}
