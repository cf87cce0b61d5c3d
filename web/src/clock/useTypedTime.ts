import { useState } from "react";
import { useClock } from "./useClock";

/** A field for a time of day: it stands there as the house writes it, and while it is typed, as it is typed. */
export function useTypedTime(value: string, change: (typed: string) => void) {
  const { written } = useClock();
  const [typed, setTyped] = useState<string | null>(null);
  return {
    value: typed ?? written(value),
    onChange: (text: string) => {
      setTyped(text);
      change(text);
    },
    onBlur: () => setTyped(null),
  };
}
