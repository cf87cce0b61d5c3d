import { type ReactNode, useId } from "react";

type Controls = { id: string; "aria-describedby"?: string; "aria-invalid"?: true };

/** A label, its control, what is wrong with it, and what was made of it. */
export function Field({
  label,
  problem,
  note,
  children,
}: {
  label: string;
  problem?: string | undefined;
  note?: string | undefined;
  children: (controls: Controls) => ReactNode;
}) {
  const id = useId();
  const said = problem ?? note;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-sm font-semibold text-soft">
        {label}
      </label>
      {children({
        id,
        ...(said ? { "aria-describedby": `${id}-said` } : {}),
        ...(problem ? { "aria-invalid": true } : {}),
      })}
      {said && (
        <p id={`${id}-said`} className={`mt-1 text-sm ${problem ? "font-semibold text-heat" : "text-soft"}`}>
          {problem && <span aria-hidden="true">▲ </span>}
          {said}
        </p>
      )}
    </div>
  );
}
