import { useSyncExternalStore } from "react";

const TABLE = "(min-width: 60rem)";

const subscribe = (changed: () => void) => {
  const media = matchMedia(TABLE);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
};

/** Whether there is the width of a table top; else it is a phone in a hand. */
export const useTable = () => useSyncExternalStore(subscribe, () => matchMedia(TABLE).matches);
