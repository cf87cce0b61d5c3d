import { useState } from "react";
import type { BraiseDraft, MeatOfferView } from "../api/types";
import { MeatDay } from "./MeatDay";
import { useMeats } from "./useMeats";

const FIRST = 12;

/** Which meat would be ready for a dinner: the cuts and forms that suit it, the best first; then those that don't, and why. */
export function Meats({
  draft,
  taking,
  onTake,
}: {
  draft: BraiseDraft;
  taking: string;
  onTake: (offer: MeatOfferView) => void;
}) {
  const { offers, share, problem } = useMeats(draft);
  const [all, setAll] = useState(false);
  const suits = offers.filter((one) => one.works);
  const shown = suits.slice(0, all ? undefined : FIRST);
  const from = Math.min(...shown.map((one) => Date.parse(one.switchOn)));
  const others = offers.filter((one) => !one.works);
  if (problem !== "") {
    return (
      <p role="status" className="font-semibold text-heat">
        ▲ {problem}
      </p>
    );
  }
  return (
    <div>
      <div
        role="progressbar"
        aria-label="Cuts worked out"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(100 * share)}
        className={`h-1.5 rounded bg-sunk ${share >= 1 ? "invisible" : ""}`}
      >
        <div className="h-full rounded bg-rim" style={{ width: `${100 * share}%` }} />
      </div>
      <p role="status" className="sr-only">
        {share >= 1 ? `${suits.length} would be ready.` : ""}
      </p>
      <p className="text-sm text-soft">
        Barred while tough, leaning green when tender, dotted past its best, paler after dinner. A sketch for all of
        them at once; taken, it is worked out exactly.
      </p>
      <ol>
        {shown.map((one) => (
          <li
            key={`${one.cut} ${one.form}`}
            className="grid grid-cols-[4.5rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-line py-1 sm:grid-cols-[4.5rem_minmax(0,1.1fr)_minmax(0,1fr)_auto]"
          >
            <strong className="text-right text-lg">{one.buy}</strong>
            <span className="min-w-0">
              <strong>{one.name}</strong>, {one.formText}
              <span className="block text-sm text-soft">
                {one.setting}, {one.window}: {one.day}; {one.hold}
              </span>
            </span>
            <span className="order-last col-span-3 sm:order-none sm:col-span-1">
              <MeatDay offer={one} from={from} />
            </span>
            <button type="button" className="link text-sm" onClick={() => onTake(one)}>
              {taking}
              <span className="sr-only">
                : {one.name}, {one.formText}
              </span>
            </button>
          </li>
        ))}
      </ol>
      {!all && suits.length > FIRST && (
        <button type="button" className="link mt-1 text-sm" onClick={() => setAll(true)}>
          {suits.length - FIRST} more that would be ready
        </button>
      )}
      {others.length > 0 && (
        <details className="mt-3">
          <summary className="link inline-block cursor-pointer text-sm">{others.length} that would not</summary>
          <ul className="text-sm">
            {others.map((one) => (
              <li key={`${one.cut} ${one.form}`} className="border-b border-line py-0.5">
                {one.name}, {one.formText}: <span className="text-soft">{one.day}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
