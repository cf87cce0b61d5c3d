import { Button } from "../kit/Button";
import type { Timers as Running } from "./useTimers";

/** Clocks that run on this device. */
export function Timers({ timers }: { timers: Running }) {
  return (
    timers.running.length > 0 && (
      <ul aria-label="Clocks" className="mt-2 border-t border-line">
        {timers.running.map((timer) => {
          const left = timers.left(timer);
          return (
            <li key={timer.job} className="flex items-center gap-3 border-b border-line py-1">
              <strong className={`w-20 text-2xl tabular-nums ${left === 0 ? "text-heat" : "text-rim"}`}>
                {left === 0 ? "now" : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")}`}
              </strong>
              <span className="min-w-0 flex-1">{timer.text}</span>
              <Button weight="quiet" className="min-h-11" onClick={() => timers.stop(timer.job)}>
                {left === 0 ? "Heard" : "Stop"}
                <span className="sr-only">: {timer.text}</span>
              </Button>
            </li>
          );
        })}
        <li className="text-sm text-soft">
          They ring on this device while this page is open; after a reload once it has been touched.
        </li>
      </ul>
    )
  );
}
