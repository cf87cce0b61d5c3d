import type { BraiseDraft, WayView } from "../api/types";

/** The change to the draft that a way out of a clash in the kitchen names. The core has planned it. */
export function takenWay(way: WayView, draft: BraiseDraft): Partial<BraiseDraft> {
  if (way.code === "serve-later") {
    return { serveAt: way.value };
  }
  if (way.code === "other-setting") {
    return { setting: way.value };
  }
  const out = way.value.split(",");
  const sides = draft.sides.filter((one) => !out.includes(one));
  return {
    sides: way.code === "instead-side" ? [...sides, "warm-loaf"] : sides,
    ownSides: draft.ownSides.filter((_, index) => !out.includes(`own${index}`)),
  };
}
