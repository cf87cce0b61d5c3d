import { RadioGroup } from "radix-ui";
import { useId } from "react";

const STARS = [1, 2, 3, 4, 5];

/** How it was liked, one to five; nothing said is allowed. */
export function Stars({ label, value, onChange }: { label: string; value: number; onChange: (stars: number) => void }) {
  const id = useId();
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <span id={id} className="w-20 text-sm font-semibold text-soft">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={String(value)}
        onValueChange={(stars) => onChange(Number(stars))}
        className="flex"
      >
        {STARS.map((stars) => (
          <RadioGroup.Item
            key={stars}
            value={String(stars)}
            aria-label={`${stars} of 5`}
            className="grid size-11 place-items-center text-2xl text-rim"
          >
            {stars <= value ? "★" : "☆"}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {value > 0 && (
        <button type="button" className="link text-sm" onClick={() => onChange(0)}>
          not said
        </button>
      )}
    </div>
  );
}
