import { type ComponentProps, type ReactNode, useId } from "react";

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

type LabelledProps = Said & { id: string; label: string; above: boolean; children: ReactNode };

/** A control with its label above it or beside it, and what is to be said of it below. */
function Labelled({ id, label, above, problem, note, children }: LabelledProps) {
  const name = (
    <label htmlFor={id} className={`text-sm ${above ? "block text-soft" : ""}`}>
      {label}
    </label>
  );
  const said = <Note id={id} problem={problem} note={note} />;
  return above ? (
    <div className="min-w-0">
      {name}
      {children}
      {said}
    </div>
  ) : (
    <div className={ROW}>
      {children}
      <span className="min-w-0">
        {name}
        {said}
      </span>
    </div>
  );
}

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
  return (
    <Labelled id={id} label={label} above={above} problem={problem} note={note}>
      {above ? control : <span className="text-right">{control}</span>}
    </Labelled>
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
  return (
    <Labelled id={id} label={label} above={wide} problem={problem} note={note}>
      {select}
    </Labelled>
  );
}
