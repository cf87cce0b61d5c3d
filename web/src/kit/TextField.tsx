import type { ComponentProps } from "react";
import { Field } from "./Field";

export const INPUT =
  "mt-0.5 min-h-11 w-full border-b-2 border-rim bg-transparent px-1 py-1 text-ink aria-[invalid]:border-heat";

type Props = Omit<ComponentProps<"input">, "onChange" | "id"> & {
  label: string;
  problem?: string | undefined;
  note?: string | undefined;
  onChange: (value: string) => void;
};

export function TextField({ label, problem, note, onChange, ...input }: Props) {
  return (
    <Field label={label} problem={problem} note={note}>
      {(controls) => (
        <input
          autoComplete="off"
          className={INPUT}
          {...input}
          {...controls}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
