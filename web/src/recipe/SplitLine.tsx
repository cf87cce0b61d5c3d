import { useEffect, useId, useRef } from "react";
import { INPUT } from "../kit/TextField";

/** Splits a line where the cursor stands. */
export function SplitLine({
  source,
  onSplit,
  onCancel,
}: {
  source: string;
  onSplit: (sources: string[]) => void;
  onCancel: () => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  const id = useId();
  useEffect(() => {
    const middle = source.search(/,|;| and | or /);
    // The menu that led here holds the focus until it is gone.
    const timer = setTimeout(() => {
      field.current?.focus();
      field.current?.setSelectionRange(Math.max(0, middle), Math.max(0, middle));
    }, 60);
    return () => clearTimeout(timer);
  }, [source]);
  const split = () => {
    const at = field.current?.selectionStart ?? 0;
    const parts = [source.slice(0, at), source.slice(at).replace(/^\s*(?:,|;|and\b|or\b)\s*/, "")]
      .map((part) => part.trim())
      .filter((part) => part !== "");
    parts.length === 2 ? onSplit(parts) : onCancel();
  };
  return (
    <span className="block">
      <input
        ref={field}
        readOnly
        aria-label={`Where to split ${source}`}
        aria-describedby={id}
        className={INPUT}
        value={source}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            split();
          } else if (event.key === "Escape") {
            onCancel();
          }
        }}
      />
      <span id={id} className="block text-sm text-soft">
        Move the cursor to where the second begins, then press Enter. Escape leaves it.{" "}
        <button type="button" className="min-h-11 font-semibold text-rim underline" onClick={split}>
          Split here
        </button>
      </span>
    </span>
  );
}
