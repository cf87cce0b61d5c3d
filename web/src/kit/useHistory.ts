import { useCallback, useEffect, useRef, useState } from "react";
import { changedText } from "./changedText";
import { keepSteps, keptSteps } from "./keptSteps";

/** Changes of one text closer together than this are undone together: typing is one change. */
const ONE_CHANGE_MS = 900;
const MOST_KEPT = 200;

type History<T> = { past: T[]; now: T; future: T[]; typed: string | null; changedAt: number };

/**
 * A value whose changes can be undone and done again, also by keyboard (Ctrl or ⌘ with Z, with Shift or Y to redo); in this window also
 * after a reload, under the key.
 */
export function useHistory<T>(initial: T, key: string) {
  const [history, setHistory] = useState<History<T>>(() => ({
    ...keptSteps(sessionStorage, key, initial),
    typed: null,
    changedAt: 0,
  }));
  const latest = useRef(history);
  latest.current = history;

  useEffect(() => {
    const keep = () => keepSteps(sessionStorage, key, latest.current);
    window.addEventListener("pagehide", keep);
    return () => {
      window.removeEventListener("pagehide", keep);
      keep();
    };
  }, [key]);

  const change = useCallback((next: T | ((now: T) => T)) => {
    setHistory((was) => {
      const now = typeof next === "function" ? (next as (now: T) => T)(was.now) : next;
      if (now === was.now) {
        return was;
      }
      const at = Date.now();
      const typed = changedText(was.now, now);
      const goesOn = typed !== null && typed === was.typed && at - was.changedAt < ONE_CHANGE_MS;
      const past = goesOn ? was.past : [...was.past, was.now].slice(-MOST_KEPT);
      return { past, now, future: [], typed, changedAt: at };
    });
  }, []);

  const undo = useCallback(
    () =>
      setHistory((was) => {
        const last = was.past.at(-1);
        return last === undefined
          ? was
          : { past: was.past.slice(0, -1), now: last, future: [was.now, ...was.future], typed: null, changedAt: 0 };
      }),
    [],
  );

  const redo = useCallback(
    () =>
      setHistory((was) => {
        const [next, ...future] = was.future;
        return next === undefined
          ? was
          : { past: [...was.past, was.now], now: next, future, typed: null, changedAt: 0 };
      }),
    [],
  );

  /** Takes a value from elsewhere; what was undone before has no meaning for it. */
  const replace = useCallback((now: T) => setHistory({ past: [], now, future: [], typed: null, changedAt: 0 }), []);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if (!(event.ctrlKey || event.metaKey) || event.altKey || (key !== "z" && key !== "y")) {
        return;
      }
      event.preventDefault();
      (key === "y" || event.shiftKey ? redo : undo)();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [undo, redo]);

  return {
    now: history.now,
    change,
    undo,
    redo,
    replace,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
  };
}
