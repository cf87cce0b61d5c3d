import { Problem } from "../api/Problem";
import { Button } from "./Button";
import { Notice } from "./Notice";

/** What a page shows while its data is on the way, or when it didn't come. */
export function Waiting({ what, error, again }: { what: string; error: Error | null; again: () => void }) {
  if (error === null) {
    return (
      // As high as the page that comes, so that nothing below it jumps.
      <p role="status" className="min-h-screen p-8 text-center text-soft">
        Getting {what} …
      </p>
    );
  }
  const gone = error instanceof Problem && error.status === 404;
  return (
    <div className="mx-auto max-w-xl py-8">
      <Notice kind="warn" word={gone ? "Not here" : "Not reached"} live>
        <p>{error.message}</p>
        {!gone && (
          <Button className="mt-2" onClick={again}>
            Try again
          </Button>
        )}
      </Notice>
    </div>
  );
}
