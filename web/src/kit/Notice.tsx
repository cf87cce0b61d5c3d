import type { ReactNode } from "react";

type Kind = "refuse" | "warn" | "note" | "done";

const LOOKS: Record<Kind, { box: string; sign: string; word: string }> = {
  refuse: { box: "border-heat bg-heat-wash", sign: "■", word: "Not safe or not possible" },
  warn: { box: "border-attention bg-attention-wash", sign: "▲", word: "Take care" },
  note: { box: "border-line bg-sunk", sign: "●", word: "Good to know" },
  done: { box: "border-done bg-done-wash", sign: "✓", word: "Done" },
};

/** A message with its weight in a word and a sign, not in colour alone. */
export function Notice({
  kind,
  word,
  children,
  live,
}: {
  kind: Kind;
  word?: string;
  children: ReactNode;
  live?: boolean;
}) {
  const look = LOOKS[kind];
  return (
    <div {...(live ? { role: "status" } : {})} className={`rounded-lg border-2 px-3 py-2 ${look.box}`}>
      <strong className="block text-sm">
        <span aria-hidden="true">{look.sign} </span>
        {word ?? look.word}
      </strong>
      {children}
    </div>
  );
}
