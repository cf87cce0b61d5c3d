import { useBraisePlace } from "../braise/BraiseContext";
import { Check } from "../kit/Check";

const EVENING = [
  { field: "nightBefore", label: "Vegetables cut the evening before" },
  { field: "mixBefore", label: "Spices mixed the evening before" },
  { field: "saltBefore", label: "Meat salted the evening before" },
] as const;

/** What is done ahead of the day. */
export function Ahead() {
  const { draft, change } = useBraisePlace();
  return (
    <fieldset className="min-w-0">
      <legend className="text-sm font-semibold text-soft">Ahead</legend>
      {EVENING.map((one) => (
        <Check
          key={one.field}
          label={one.label}
          checked={draft.handling[one.field]}
          onChange={(on) => change({ handling: { ...draft.handling, [one.field]: on } })}
        />
      ))}
    </fieldset>
  );
}
