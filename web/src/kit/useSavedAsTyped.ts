import { useCallback, useEffect, useRef, useState } from "react";
import { Problem } from "../api/Problem";
import { forgetUnsent, keepUnsent, unsent } from "./unsent";

const SETTLE_MS = 500;
const RETRY_MS = 3000;

export type Keeping = "kept" | "keeping" | "refused" | "offline";

/**
 * A draft that is sent whenever it has stood still for a moment; what was refused stays as it was typed. What the server can't be
 * given yet is kept on this device under a name, also over a reload, and sent again every few seconds.
 */
export function useSavedAsTyped<T>(name: string, initial: T, send: (draft: T) => Promise<unknown>) {
  const [draft, setDraft] = useState(() => unsent<T>(name) ?? initial);
  const [keeping, setKeeping] = useState<Keeping>("kept");
  const sent = useRef(initial);
  const sending = useRef(send);
  sending.current = send;
  /** One at a time: each is made from the revision that the one before it got. */
  const before = useRef<Promise<unknown>>(Promise.resolve());
  const latest = useRef(draft);
  latest.current = draft;
  const settle = useCallback(() => {
    if (latest.current === sent.current) {
      return;
    }
    const draft = latest.current;
    sent.current = draft;
    before.current = before.current
      .then(() => sending.current(draft))
      .then(
        () => {
          if (latest.current === draft) {
            forgetUnsent(name);
            setKeeping("kept");
          }
        },
        (error: unknown) => {
          const passing = error instanceof Problem && error.passing;
          // Tried again: what has not arrived is not sent.
          sent.current = passing ? ({} as T) : sent.current;
          passing || forgetUnsent(name);
          setKeeping(passing ? "offline" : "refused");
        },
      );
  }, [name]);
  useEffect(() => {
    if (draft === sent.current) {
      return;
    }
    setKeeping("keeping");
    keepUnsent(name, draft);
    const timer = setTimeout(settle, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [draft, settle, name]);
  useEffect(() => {
    if (keeping !== "offline") {
      return;
    }
    const timer = setInterval(settle, RETRY_MS);
    return () => clearInterval(timer);
  }, [keeping, settle]);
  // What was left unsent by the page before goes first: what is typed from now on is made from it.
  useEffect(settle, [settle]);
  // Who leaves within the moment leaves with it kept.
  useEffect(() => {
    window.addEventListener("pagehide", settle);
    return () => {
      window.removeEventListener("pagehide", settle);
      settle();
    };
  }, [settle]);
  const take = useCallback(
    (value: T) => {
      sent.current = value;
      setDraft(value);
      forgetUnsent(name);
      setKeeping("kept");
    },
    [name],
  );
  return { draft, change: setDraft, take, keeping };
}
