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
  useEffect(() => {
    if (draft === sent.current) {
      return;
    }
    setKeeping("keeping");
    const timer = setTimeout(() => {
      sent.current = draft;
      sending.current(draft).then(
        () => setKeeping((now) => (now === "keeping" ? "kept" : now)),
        () => setKeeping("refused"),
      );
    }, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [draft]);
  const take = useCallback((value: T) => {
    sent.current = value;
    setDraft(value);
    setKeeping("kept");
  }, []);
  return { draft, change: setDraft, take, keeping };
}
