import { hashKey } from "@tanstack/react-query";

/** What can be undone and done again. */
export type Steps<T> = { past: T[]; now: T; future: T[] };

type Store = Pick<Storage, "getItem" | "setItem" | "removeItem">;

/** A window's own store takes about 5 MB; so many steps of a large recipe are a tenth of it. */
const MOST_KEPT = 40;

/** The steps that led to a value, where it is still the one that they led to. */
export function keptSteps<T>(store: Store, key: string, now: T): Steps<T> {
  const none = { past: [], now, future: [] };
  try {
    const found = JSON.parse(store.getItem(key) ?? "null") as Steps<T> | null;
    return found !== null && hashKey([found.now]) === hashKey([now]) ? { ...found, now } : none;
  } catch {
    return none;
  }
}

export function keepSteps<T>(store: Store, key: string, { past, now, future }: Steps<T>): void {
  try {
    if (past.length + future.length === 0) {
      store.removeItem(key);
    } else {
      store.setItem(key, JSON.stringify({ past: past.slice(-MOST_KEPT), now, future: future.slice(0, MOST_KEPT) }));
    }
  } catch {
    // The store is full or forbidden: undo ends with this page, as it does elsewhere.
  }
}
