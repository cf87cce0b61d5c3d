import { Link } from "react-router";
import type { CookedView } from "../api/types";
import { CookedLane } from "./CookedLane";

/** One cook in a line of the notebook. */
export function Entry({ entry }: { entry: CookedView }) {
  return (
    <li className="grid gap-x-5 gap-y-0.5 border-b border-line py-2 table:grid-cols-[11rem_1fr_19rem]">
      <span className="text-sm text-soft">
        {entry.date}
        {entry.stars > 0 && (
          <span className="block text-rim" role="img" aria-label={`${entry.stars} of 5`}>
            {"★".repeat(entry.stars)}
            {"☆".repeat(5 - entry.stars)}
          </span>
        )}
      </span>
      <div className="min-w-0">
        <Link to={`/notebook/${entry.id}`} className="font-bold text-ink hover:underline" dir="auto">
          {entry.title}
        </Link>
        <span className="block text-sm text-soft">{entry.what}</span>
        {entry.note && <span className="block max-w-prose">{entry.note}</span>}
      </div>
      <div>
        <CookedLane lane={entry.lane} width={300} />
        <span className={`block text-sm ${entry.held.startsWith("too") ? "font-semibold text-heat" : ""}`}>
          {entry.leftOut ? "Left out. " : ""}
          {entry.said}
        </span>
      </div>
    </li>
  );
}
