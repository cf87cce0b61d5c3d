import type { ComponentProps } from "react";

type Weight = "main" | "plain" | "quiet";

const LOOKS: Record<Weight, string> = {
  main: "min-h-11 rounded-lg bg-rim px-4 py-1.5 text-on-rim hover:brightness-110",
  plain: "min-h-9 rounded-lg border border-edge bg-panel px-3 py-1 text-rim hover:bg-sunk",
  quiet: "link",
};

export function Button({ weight = "plain", className = "", ...props }: ComponentProps<"button"> & { weight?: Weight }) {
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 font-semibold disabled:cursor-not-allowed disabled:opacity-55 ${LOOKS[weight]} ${className}`}
      {...props}
    />
  );
}
