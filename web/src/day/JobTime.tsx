import { useEffect, useRef, useState } from "react";
import type { JobView } from "../api/types";
import { Moved } from "../kit/Moved";

/** By then a change has been answered. */
const ANSWERED_MS = 3000;

const WHAT: Record<string, string> = { load: "Pot on at", plate: "Eat at" };

/** When a job begins; pressed, it takes another time of the same day, typed as it is said. */
export function JobTime({ job, onType }: { job: JobView; onType: (typed: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const button = useRef<HTMLButtonElement>(null);
  const backUntil = useRef(0);
  // By keyboard, the place in the list is not lost when the field closes and the job moves in it.
  useEffect(() => {
    if (Date.now() < backUntil.current && document.activeElement === document.body) {
      button.current?.focus();
    }
  });
  const set = () => {
    if (typed !== null && typed.trim() !== "" && typed !== job.clock) {
      onType(typed.trim());
    }
    setTyped(null);
  };
  if (typed === null) {
    return (
      <button
        ref={button}
        type="button"
        className="min-h-7 rounded text-right leading-tight font-bold text-rim hover:underline"
        onClick={() => setTyped("")}
      >
        <time dateTime={job.from}>
          <Moved>{job.clock}</Moved>
        </time>
        <span className="sr-only">, {job.text}: set another time</span>
      </button>
    );
  }
  return (
    <input
      aria-label={WHAT[job.id] ?? `Time for ${job.text}`}
      title={WHAT[job.id]}
      className="figure w-full min-w-0 text-right"
      // biome-ignore lint/a11y/noAutofocus: it takes the place of the button that was pressed
      autoFocus
      maxLength={40}
      placeholder={job.clock}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={set}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === "Escape") {
          // Or the button that takes its place would be pressed by the same key.
          event.preventDefault();
          backUntil.current = Date.now() + ANSWERED_MS;
          event.key === "Enter" ? set() : setTyped(null);
        }
      }}
    />
  );
}
