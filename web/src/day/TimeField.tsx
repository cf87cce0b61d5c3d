import { useClock } from "../clock/useClock";
import { useTypedTime } from "../clock/useTypedTime";
import { INPUT } from "../kit/TextField";

type Props = { label: string; value: string; invalid: boolean; onChange: (typed: string) => void };

/** From or to: its name, and the time of day. */
export function TimeField({ label, value, invalid, onChange }: Props) {
  const field = useTypedTime(value, onChange);
  const { twelve } = useClock();
  return (
    <span className="flex items-center gap-x-1.5">
      <span className="text-sm text-soft">{label}</span>
      <input
        {...field}
        aria-label={label}
        className={`${INPUT} ${twelve ? "max-w-20" : "max-w-16"}`}
        maxLength={40}
        aria-invalid={invalid ? true : undefined}
        onChange={(event) => field.onChange(event.target.value)}
      />
    </span>
  );
}
