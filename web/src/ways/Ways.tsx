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
  if (error !== null) {
    return <p className="mt-2 text-soft">What would work could not be looked for just now.</p>;
  }
  if (looking) {
    return (
      <p role="status" className="mt-2 text-soft">
        Looking for what would work …
      </p>
    );
  }
  if (ways.length === 0) {
    return <p className="mt-2 text-soft">Nothing that was tried works. Choose another dinner or another cooker.</p>;
  }
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      <span className="font-semibold">What would work:</span>
      {ways.map((way) =>
        Object.keys(way.change).length === 0 ? (
          <strong key={way.text}>{way.text}</strong>
        ) : (
          <Button key={way.text} className="min-h-9 py-0" title={way.serveText} onClick={() => onTake(way)}>
            {way.text}
          </Button>
        ),
      )}
    </div>
  );
}
