import type { ComponentProps } from "react";
import { Field } from "./Field";

export const INPUT =
  "mt-0.5 min-h-11 w-full border-b-2 border-rim bg-transparent px-1 py-1 text-ink aria-[invalid]:border-heat";

/** Native date and time fields need every pixel for their own buttons. */
export const CLOCK = "px-1.5 text-[0.88rem]";

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
          className={input.type === "date" || input.type === "time" ? `${INPUT} ${CLOCK}` : INPUT}
          {...input}
          {...controls}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
