import type { PhraseView } from "../api/types";

export type Placed = { phrase: PhraseView; x: number; row: 0 | 1; side: "right" | "left" };

const LABEL = 6.5;
const CLOCK = 10.2;
const GAP = 8;
const CLOSEST_MS = 35 * 60_000;

const width = (phrase: PhraseView) =>
  LABEL * (phrase.before.length + phrase.after.length + 2) + CLOCK * phrase.clock.length + GAP;

/** Each phrase of the verdict at its own minute, in two rows, none on another; null where that can't be, and the sentence is written. */
export function placed(
  phrases: PhraseView[],
  x: (moment: number) => number,
  left: number,
  right: number,
): Placed[] | null {
  const main = phrases
    .filter((phrase) => phrase.kind !== "sauce" && phrase.kind !== "serve")
    .map((one) => Date.parse(one.at));
  if (main.some((at, index) => index > 0 && at - (main[index - 1] ?? 0) < CLOSEST_MS)) {
    return null;
  }
  const rows: [number, number][][] = [[], []];
  const found: Placed[] = [];
  for (const phrase of phrases) {
    const at = x(Date.parse(phrase.at));
    const needs = width(phrase);
    const options: { row: 0 | 1; side: "right" | "left" }[] = [
      { row: 0, side: "right" },
      { row: 1, side: "right" },
      { row: 1, side: "left" },
      { row: 0, side: "left" },
    ];
    const fitting = options.find(({ row, side }) => {
      const box: [number, number] = side === "right" ? [at, at + needs] : [at - needs, at];
      const stems = row === 1 ? found.filter((one) => one.row === 0).map((one) => one.x) : [];
      return (
        box[0] >= left &&
        box[1] <= right &&
        !rows[row]?.some((other) => box[0] < other[1] + 4 && other[0] < box[1] + 4) &&
        !stems.some((stem) => stem > box[0] + 1 && stem < box[1] - 1)
      );
    });
    if (fitting === undefined) {
      return null;
    }
    rows[fitting.row]?.push(fitting.side === "right" ? [at, at + needs] : [at - needs, at]);
    found.push({ phrase, x: at, ...fitting });
  }
  return found;
}
