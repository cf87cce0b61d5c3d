import { type ComponentProps, useId } from "react";

type Said = { problem?: string | undefined; note?: string | undefined };

function Note({ id, problem, note }: Said & { id: string }) {
  const said = problem ?? note;
  return said === undefined ? null : (
    <span
      id={`${id}-said`}
      role={problem ? "status" : undefined}
      className={`block text-sm leading-snug ${problem ? "font-semibold text-heat" : "text-soft"}`}
    >
      {problem && <span aria-hidden="true">▲ </span>}
      {said}
    </span>
  );
}

const ROW = "grid grid-cols-[minmax(0,8.5rem)_minmax(0,1fr)] items-baseline gap-x-3";

/** A figure that is typed, large, and what it is beside it, or above. */
export function Figure({
  label,
  problem,
  note,
  onChange,
  size = "text-xl",
  above = false,
  ...input
}: Omit<ComponentProps<"input">, "onChange" | "id" | "size"> &
  Said & { label: string; size?: string; above?: boolean; onChange: (value: string) => void }) {
  const id = useId();
  const control = (
    <input
      autoComplete="off"
      maxLength={60}
      {...input}
      id={id}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem || note ? `${id}-said` : undefined}
      className={above ? "figure min-w-16 text-lg" : `figure min-w-10 text-right ${size}`}
      onChange={(event) => onChange(event.target.value)}
    />
  );
  return above ? (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-sm text-soft">
        {label}
      </label>
      {control}
      <Note id={id} problem={problem} note={note} />
    </div>
  ) : (
    <div className={ROW}>
      <span className="text-right">{control}</span>
      <span className="min-w-0">
        <label htmlFor={id} className="text-sm">
          {label}
        </label>
        <Note id={id} problem={problem} note={note} />
      </span>
    </div>
  );
}

/** A choice among many, as a word on a line; the platform's own list, which phones open at full size. */
export function Pick({
  label,
  value,
  options,
  empty,
  problem,
  note,
  onChange,
  wide = false,
}: Said & {
  label: string;
  value: string;
  options: { value: string; label: string }[];
  empty?: string;
  onChange: (value: string) => void;
  wide?: boolean;
}) {
  const id = useId();
  const chosen = options.find((option) => option.value === value)?.label ?? empty ?? "";
  const size = chosen.length > 16 ? "text-base" : "text-lg";
  const select = (
    <select
      id={id}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem || note ? `${id}-said` : undefined}
      className={`figure w-full cursor-pointer text-ellipsis ${wide ? size : "text-right text-base"}`}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      {empty !== undefined && <option value="">{empty}</option>}
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  );
  return wide ? (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-sm text-soft">
        {label}
      </label>
      {select}
      <Note id={id} problem={problem} note={note} />
    </div>
  ) : (
    <div className={ROW}>
      {select}
      <span className="min-w-0">
        <label htmlFor={id} className="text-sm">
          {label}
        </label>
        <Note id={id} problem={problem} note={note} />
      </span>
    </div>
  );
}
