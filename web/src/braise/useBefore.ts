import { useRef } from "react";
import type { Adaptation } from "../api/types";

const figures = (one: Adaptation) =>
  JSON.stringify([one.verdict, one.liquid, one.pot, one.ribbon.phrases, one.salt.after, one.wholeDay?.jobs]);

/** What held before the last change that moved anything; kept until the next one does. */
export function useBefore(now: Adaptation | null): Adaptation | null {
  const shown = useRef(now);
  const before = useRef<Adaptation | null>(null);
  if (now !== null && now !== shown.current) {
    if (shown.current !== null && figures(shown.current) !== figures(now)) {
      before.current = shown.current;
    }
    shown.current = now;
  }
  return before.current;
}
