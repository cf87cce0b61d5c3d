import { RadioGroup } from "radix-ui";
import { useId } from "react";
import type { Choice } from "../api/types";

/** A few choices of which one holds, all in sight. */
export function Choices({
  label,
  value,
  options,
  onChange,
  columns = 1,
}: {
  label: string;
  value: string;
  options: Choice[];
  onChange: (value: string) => void;
  columns?: 1 | 2;
}) {
  const id = useId();
  const chosen = options.find((option) => option.value === value);
  return (
    <div>
      <span id={id} className="block text-sm font-semibold text-soft">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={onChange}
        className={`mt-0.5 grid overflow-hidden rounded-lg border-2 border-line ${columns === 2 ? "grid-cols-2" : ""}`}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="flex min-h-9 items-center gap-2 px-2.5 py-1 text-left hover:bg-sunk focus-visible:-outline-offset-3 data-[state=checked]:bg-rim data-[state=checked]:font-semibold data-[state=checked]:text-on-rim"
          >
            <span
              aria-hidden="true"
              className="inline-block size-3.5 shrink-0 rounded-full border-2 border-current p-0.5"
            >
              <RadioGroup.Indicator className="block size-full rounded-full bg-current" />
            </span>
            {option.label}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {chosen?.hint && <p className="mt-1 text-sm text-soft">{chosen.hint}</p>}
    </div>
  );
}
