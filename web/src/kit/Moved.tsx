import { useEffect, useRef, useState } from "react";

const SHOWN_MS = 4000;

/** Where there is room for what it was: below it, beside it, or at the end of its line, which is then what it is placed by. */
const PLACES = {
  below: { of: "relative", was: "top-full left-0" },
  beside: { of: "relative", was: "top-1/2 left-full ml-1 -translate-y-1/2" },
  end: { of: "relative table:static", was: "top-full left-0 table:top-1.5 table:right-0 table:left-auto" },
};

/** Text that is marked for a moment when it changes, with what it was before, but not when it first appears. */
export function Moved({ children, at = "below" }: { children: string; at?: keyof typeof PLACES }) {
  const shown = useRef(children);
  const [was, setWas] = useState<string | null>(null);
  useEffect(() => {
    if (children === shown.current) {
      return;
    }
    setWas(shown.current);
    shown.current = children;
    const timer = setTimeout(() => setWas(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [children]);
  const [before, after] = was === null ? ["", ""] : difference(was, children);
  return (
    <span className={PLACES[at].of}>
      <span key={children} className={was === null ? "" : "moved"}>
        {children}
      </span>
      {before !== "" && before !== after && (
        // It takes no room, so that nothing moves.
        <span
          data-was=""
          className={`absolute z-20 w-max max-w-64 rounded border border-attention bg-panel px-1 text-sm leading-tight font-normal text-soft ${PLACES[at].was}`}
        >
          was {before}
        </span>
      )}
    </span>
  );
}

/** The words that differ, without what both begin and end with. */
function difference(was: string, now: string): [string, string] {
  const a = was.split(" ");
  const b = now.split(" ");
  let start = 0;
  while (start < a.length && start < b.length && a[start] === b[start]) {
    start += 1;
  }
  let end = 0;
  while (end < a.length - start && end < b.length - start && a[a.length - 1 - end] === b[b.length - 1 - end]) {
    end += 1;
  }
  const part = (words: string[]) => words.slice(start, words.length - end).join(" ");
  const before = part(a);
  return before.length > 40 ? ["", ""] : [before, part(b)];
}
