import { Field } from "./Field";
import { INPUT } from "./TextField";

/** A long list of choices: the platform's own control, which phones open at full size. */
export function SelectField({
  label,
  value,
  options,
  empty,
  problem,
  note,
  onChange,
}: {
  label: string;
  value: string;
  options: { value: string; label: string }[];
  empty?: string;
  problem?: string | undefined;
  note?: string | undefined;
  onChange: (value: string) => void;
}) {
  return (
    <Field label={label} problem={problem} note={note}>
      {(controls) => (
        <select {...controls} className={INPUT} value={value} onChange={(event) => onChange(event.target.value)}>
          {empty !== undefined && <option value="">{empty}</option>}
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
