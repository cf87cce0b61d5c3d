import { Checkbox } from "radix-ui";
import { useId } from "react";

export function Check({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  const id = useId();
  return (
    <div className="flex min-h-9 items-center gap-2">
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={(value) => onChange(value === true)}
        className="size-6 shrink-0 rounded border-2 border-edge bg-panel text-center leading-5 font-bold text-rim data-[state=checked]:bg-rim data-[state=checked]:text-on-rim"
      >
        <Checkbox.Indicator>✓</Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id} className="min-w-0">
        {label}
      </label>
    </div>
  );
}
