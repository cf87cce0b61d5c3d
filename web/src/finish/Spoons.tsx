import { RadioGroup } from "radix-ui";
import type { Choice } from "../api/types";

/** Four spoons on one line: what it is by what is in it, and what is wanted. */
export function Spoons({
  options,
  value,
  is,
  onChange,
}: {
  options: Choice[];
  value: string;
  is: string;
  onChange: (value: string) => void;
}) {
  const at = (one: string) => options.findIndex((option) => option.value === one);
  const share = (place: number) => ((place + 0.5) / options.length) * 100;
  return (
    <div className="relative">
      <div aria-hidden="true" className="absolute inset-x-0 top-[3.55rem] table:top-[5.05rem] h-0.5 bg-rim" />
      <div
        aria-hidden="true"
        className="absolute top-[3.42rem] table:top-[4.92rem] h-1.5 bg-[var(--liquid-line)]"
        style={{ left: `${share(at(is))}%`, width: `${Math.max(0, share(at(value)) - share(at(is)))}%` }}
      />
      <RadioGroup.Root aria-label="How thick" value={value} onValueChange={onChange} className="grid grid-cols-4">
        {options.map((option, place) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="group flex min-h-11 flex-col items-center justify-start text-center"
          >
            <svg viewBox="0 0 60 72" className="mx-auto block h-14 table:h-20" aria-hidden="true">
              <Spoon body={place} />
            </svg>
            <span
              aria-hidden="true"
              className="mx-auto -mt-0.5 block size-3 rounded-full border-2 border-rim bg-ground group-data-[state=checked]:size-4 group-data-[state=checked]:-mt-1 group-data-[state=checked]:border-[5px]"
            />
            <span className="block pt-0.5 text-base leading-tight group-data-[state=checked]:font-bold group-data-[state=checked]:text-rim">
              {option.label}
            </span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}

/** A spoon dipped and lifted: the thicker, the more stays on it. */
function Spoon({ body }: { body: number }) {
  const covered = [0.35, 0.62, 1, 1][body] ?? 1;
  return (
    <g>
      <path d="M30 30V4" stroke="var(--rim)" strokeWidth="5" strokeLinecap="round" />
      <path d="M30 30V4" stroke="var(--panel)" strokeWidth="1.6" strokeLinecap="round" />
      <clipPath id={`bowl-${body}`}>
        <ellipse cx="30" cy="44" rx="12.5" ry="17" />
      </clipPath>
      <ellipse cx="30" cy="44" rx="12.5" ry="17" fill="var(--panel)" />
      <g clipPath={`url(#bowl-${body})`}>
        <rect
          x="16"
          y={61 - 34 * covered}
          width="28"
          height={34 * covered}
          fill="var(--liquid)"
          opacity={0.45 + 0.18 * body}
        />
        {body === 1 && <path d="M16 47q7 -4 14 0t14 0" stroke="var(--panel)" strokeWidth="4" fill="none" />}
        {body >= 2 && (
          <path d="M22 36q3 -4 9 -4" stroke="var(--panel)" strokeWidth="2" fill="none" strokeLinecap="round" />
        )}
        {body === 3 && <circle cx="31" cy="46" r="5" fill="var(--root-line)" stroke="var(--liquid-line)" />}
      </g>
      <ellipse cx="30" cy="44" rx="12.5" ry="17" fill="none" stroke="var(--rim)" strokeWidth="2.6" />
      {body === 0 && <path d="M24 66v3M34 65v5" stroke="var(--liquid-line)" strokeWidth="2.4" strokeLinecap="round" />}
      {body === 1 && <path d="M30 64v4" stroke="var(--liquid-line)" strokeWidth="3" strokeLinecap="round" />}
      {body === 2 && <path d="M26 60l4 10l4 -10z" fill="var(--liquid-line)" />}
    </g>
  );
}
