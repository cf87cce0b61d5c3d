import type { Adaptation } from "../api/types";

const chosen = (one: Adaptation) => one.outcomes.find((outcome) => outcome.chosen);

/** The figures a cook looks at first, in their order. */
const FIGURES: [string, (one: Adaptation) => string][] = [
  ...(["on", "test", "likely", "sauce", "serve"] as const).map((kind): [string, (one: Adaptation) => string] => [
    { on: "in by", test: "first fork test", likely: "likely ready", sauce: "sauce", serve: "dinner" }[kind],
    (one) => one.ribbon.phrases.find((phrase) => phrase.kind === kind)?.clock ?? "",
  ]),
  ["setting", (one) => chosen(one)?.label ?? ""],
  ["liquid", (one) => one.liquid.load],
  ["the pot", (one) => one.pot.fillText],
  ["sauce", (one) => one.liquid.target],
  ["salt", (one) => one.salt.after],
  ["work before", (one) => one.before.total],
  ["to the plate", (one) => one.finish.total],
  ["meat", (one) => `${one.weightText}, ${one.thicknessText} thick`],
];

/** What the last change moved, and from what; empty where nothing that is shown was. */
export function justMoved(now: Adaptation | null, before: Adaptation | null): string {
  if (now === null || before === null) {
    return "";
  }
  // What a cook changed by hand is known; what follows from it is said first. What is gone is said where it was.
  const moved = FIGURES.filter(([, of]) => of(now) !== "" && of(now) !== of(before));
  const first = moved.find(([name]) => name === "in by" || name === "liquid") ?? moved[0];
  if (first === undefined) {
    return "";
  }
  const [name, of] = first;
  return of(before) === "" ? `${name} ${of(now)}` : `${name} ${of(now)}, was ${of(before)}`;
}
