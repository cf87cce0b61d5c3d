import type { Adaptation, BraiseDraft, Catalogue, CookerView } from "../api/types";

/** Then the recipe says what its sauce is thickened with. */
export const AS_THE_RECIPE = "as-the-recipe";

export type Variant = { name: string; label: string; part: Partial<BraiseDraft> };

/** Everybody, the whole day of the meal. */
function atHome(serveAt: string): BraiseDraft["away"][number] {
  const day = serveAt.split("T")[0];
  return { from: `${day}T00:00`, to: `${day}T23:59`, who: "", what: "home" };
}

/** The what-ifs worth a look for this draft: another setting, another cooker, the meat cut up, another level or effort. */
export function variants(
  draft: BraiseDraft,
  adaptation: Adaptation,
  catalogue: Catalogue,
  cookers: CookerView[],
): Variant[] {
  const chosen = adaptation.outcomes.find((outcome) => outcome.chosen)?.setting;
  const pieces = Number(draft.meat.pieces);
  return [
    ...catalogue.settings
      .filter((one) => one.value !== "auto" && one.value !== chosen)
      .filter((one) => one.value !== "medium" || adaptation.outcomes.some((outcome) => outcome.setting === "medium"))
      .map((one) => ({ name: `setting-${one.value}`, label: `On ${one.label}`, part: { setting: one.value } })),
    ...[-60, 60].flatMap((minutes) => {
      const at = Date.parse(`${draft.serveAt}:00Z`);
      return Number.isNaN(at)
        ? []
        : [
            {
              name: `eat-${minutes}`,
              label: minutes < 0 ? "Eating an hour sooner" : "Eating an hour later",
              part: { serveAt: new Date(at + minutes * 60_000).toISOString().slice(0, 16) },
            },
          ];
    }),
    ...(draft.away.length > 0 || adaptation.wholeDay?.people.some((person) => person.away.length > 0)
      ? [{ name: "home", label: "Being at home all day", part: { away: [atHome(draft.serveAt)] } }]
      : []),
    ...cookers
      .filter((one) => one.id !== draft.cookerId)
      .map((one) => ({
        name: `cooker-${one.id}`,
        label: `In ${one.draft.name}`,
        part: { cookerId: one.id, setting: "auto" },
      })),
    ...(pieces > 0
      ? [2, 4].map((parts) => ({
          name: `cut-${parts}`,
          label: pieces === 1 ? `Cut in ${parts}` : `Each piece cut in ${parts}`,
          part: { meat: { ...draft.meat, pieces: String(pieces * parts), thickness: "" } },
        }))
      : []),
    ...catalogue.levels
      .filter((one) => one.value !== draft.level)
      .map((one) => ({ name: `level-${one.value}`, label: `Level: ${one.label}`, part: { level: one.value } })),
    ...catalogue.thicknesses
      .filter((one) => one.value !== draft.thickness)
      .map((one) => ({ name: `sauce-${one.value}`, label: `Sauce: ${one.label}`, part: { thickness: one.value } })),
    ...(draft.thickness === AS_THE_RECIPE ? [] : catalogue.bodies)
      .filter((one) => one.value !== draft.thickener)
      .map((one) => ({
        name: `body-${one.value}`,
        label: `Thickened with: ${one.label}`,
        part: { thickener: one.value },
      })),
    ...catalogue.efforts
      .filter((one) => one.value !== draft.handling.effort)
      .map((one) => ({
        name: `effort-${one.value}`,
        label: one.label,
        part: { handling: { ...draft.handling, effort: one.value } },
      })),
  ];
}
