import { useEffect, useRef, useState } from "react";

const SHOWN_MS = 4000;

/** Text that is marked for a moment when it changes, with what it was before, but not when it first appears. */
export function Moved({ children, className = "" }: { children: string; className?: string }) {
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
    <span className={`relative ${className}`}>
      <span key={children} className={was === null ? "" : "moved"}>
        {children}
      </span>
      {before !== "" && before !== after && (
        // Laid over what is below for a moment, so that nothing moves.
        <span className="absolute top-full left-0 z-20 w-max max-w-64 rounded border border-attention bg-panel px-1 text-sm leading-tight font-normal text-soft">
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
