import { RadioGroup } from "radix-ui";
import { useId } from "react";
import type { LevelView } from "../api/types";
import { Radio } from "../kit/Choices";

/** The level schools, the highest first, each with what it costs in this pot. */
export function Levels({
  levels,
  value,
  onChange,
}: {
  levels: LevelView[];
  value: string;
  onChange: (school: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <h3 id={id} className="font-bold text-rim">
        How high the liquid stands
      </h3>
      <RadioGroup.Root aria-labelledby={id} value={value} onValueChange={onChange} className="mt-1 grid gap-0.5">
        {[...levels].reverse().map((level) => (
          <div key={level.value} data-leads={`level-${level.value}`}>
            <Radio option={{ value: level.value, label: level.label, hint: level.cost }} />
          </div>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
