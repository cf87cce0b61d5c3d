import { useEffect, useRef, useState } from "react";
import type { JobView } from "../api/types";
import { localMoment, momentOf } from "../hours/localMoment";
import { Moved } from "../kit/Moved";
import { INPUT } from "../kit/TextField";

/** By then a change has been answered. */
const ANSWERED_MS = 3000;

/** When a job begins; pressed, it takes another time of the same day. The same as dragging its bar. */
export function JobTime({
  job,
  zone,
  onSet,
}: {
  job: JobView;
  zone: string | undefined;
  onSet: (milliseconds: number) => void;
}) {
  const [date = "", time = ""] = localMoment(Date.parse(job.from), zone).split("T");
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
    if (typed !== null && typed !== "" && typed !== time) {
      onSet(momentOf(`${date}T${typed}`, zone));
    }
    setTyped(null);
  };
  if (typed === null) {
    return (
      <button
        ref={button}
        type="button"
        className="min-h-7 self-start rounded text-right font-bold text-rim hover:underline sm:whitespace-nowrap"
        onClick={() => setTyped(time)}
      >
        <time dateTime={job.from}>
          <Moved>{job.clock}</Moved>
        </time>
        <span className="sr-only">: set another time for {job.text}</span>
      </button>
    );
  }
  return (
    <input
      type="time"
      aria-label={`Time for ${job.text}`}
      className={`${INPUT} px-1 text-[0.88rem] [&::-webkit-calendar-picker-indicator]:hidden`}
      // biome-ignore lint/a11y/noAutofocus: it takes the place of the button that was pressed
      autoFocus
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
