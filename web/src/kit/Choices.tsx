import { RadioGroup } from "radix-ui";
import { useId } from "react";
import type { Choice } from "../api/types";

/** A few choices of which one holds, all in sight, each with what it means under it. */
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
  return (
    <div className="min-w-0">
      <span id={id} className="block text-sm text-soft">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={onChange}
        className={`mt-0.5 grid gap-x-3 ${columns === 2 ? "grid-cols-2" : ""}`}
      >
        {options.map((option) => (
          <Radio key={option.value} option={option} />
        ))}
      </RadioGroup.Root>
    </div>
  );
}

/** One of them, within a RadioGroup. */
export function Radio({ option }: { option: Choice }) {
  return (
    <RadioGroup.Item
      value={option.value}
      className="group flex min-h-8 items-start gap-2.5 rounded py-1 text-left hover:bg-sunk data-[state=checked]:font-semibold"
    >
      <span
        aria-hidden="true"
        className="mt-1 inline-block size-4 shrink-0 rounded-full border-2 border-edge bg-panel group-data-[state=checked]:border-[5px] group-data-[state=checked]:border-rim"
      />
      <span className="min-w-0">
        {option.label}
        {option.hint && <span className="block text-sm leading-snug font-normal text-soft">{option.hint}</span>}
      </span>
    </RadioGroup.Item>
  );
}
