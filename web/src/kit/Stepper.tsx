import { useId } from "react";

/** A step to one side. */
export const KEY =
  "inline-flex size-9 shrink-0 items-center justify-center rounded-lg border border-edge bg-panel text-lg font-bold text-rim hover:bg-sunk";

/** A value that is typed, or nudged by a step to either side. */
export function Stepper({
  label,
  value,
  less,
  more,
  problem,
  note,
  size = "text-xl",
  onChange,
  onBlur,
}: {
  label: string;
  value: string;
  less: { label: string; run: () => void };
  more: { label: string; run: () => void };
  problem?: string | undefined;
  note?: string | undefined;
  size?: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
}) {
  const id = useId();
  return (
    <div className="flex flex-wrap items-center gap-x-2">
      <label htmlFor={id} className="mr-auto text-sm">
        {label}
      </label>
      <button type="button" className={KEY} aria-label={less.label} onClick={less.run}>
        −
      </button>
      <input
        id={id}
        autoComplete="off"
        maxLength={40}
        value={value}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem || note ? `${id}-said` : undefined}
        className={`figure min-w-12 text-center ${size}`}
        onChange={(event) => onChange(event.target.value)}
        onBlur={onBlur}
      />
      <button type="button" className={KEY} aria-label={more.label} onClick={more.run}>
        +
      </button>
      {(problem ?? note) && (
        <p
          id={`${id}-said`}
          role={problem ? "status" : undefined}
          className={`basis-full text-right text-sm ${problem ? "font-semibold text-heat" : "text-soft"}`}
        >
          {problem && <span aria-hidden="true">▲ </span>}
          {problem ?? note}
        </p>
      )}
    </div>
  );
}
