import { useCallback, useEffect, useRef, useState } from "react";

const SETTLE_MS = 500;

export type Keeping = "kept" | "keeping" | "refused";

/** A draft that is sent whenever it has stood still for a moment; what was refused stays as it was typed. */
export function useSavedAsTyped<T>(initial: T, send: (draft: T) => Promise<unknown>) {
  const [draft, setDraft] = useState(initial);
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
        () => setKeeping((now) => (now === "keeping" ? "kept" : now)),
        () => setKeeping("refused"),
      );
  }, []);
  useEffect(() => {
    if (draft === sent.current) {
      return;
    }
    setKeeping("keeping");
    const timer = setTimeout(settle, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [draft, settle]);
  // Who leaves within the moment leaves with it kept.
  useEffect(() => {
    window.addEventListener("pagehide", settle);
    return () => {
      window.removeEventListener("pagehide", settle);
      settle();
    };
  }, [settle]);
  const take = useCallback((value: T) => {
    sent.current = value;
    setDraft(value);
    setKeeping("kept");
  }, []);
  return { draft, change: setDraft, take, keeping };
}
