import type { ComponentProps } from "react";

type Weight = "main" | "plain" | "quiet";

const LOOKS: Record<Weight, string> = {
  main: "bg-rim text-on-rim border-rim hover:brightness-110",
  plain: "bg-panel text-rim border-rim hover:bg-sunk",
  quiet: "bg-transparent text-rim border-transparent underline underline-offset-4 hover:bg-sunk",
};

export function Button({ weight = "plain", className = "", ...props }: ComponentProps<"button"> & { weight?: Weight }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-lg border-2 px-4 py-1.5 font-semibold disabled:cursor-not-allowed disabled:opacity-55 ${LOOKS[weight]} ${className}`}
      {...props}
    />
  );
}
