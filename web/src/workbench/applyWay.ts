import type { BraiseDraft, WayView } from "../api/types";

/** The change to the draft that a way out of an impossible day names. The core has planned it. */
export function applyWay(way: WayView, draft: BraiseDraft): Partial<BraiseDraft> {
  switch (way.code) {
    case "own-start":
      return { handling: { ...draft.handling, start: "" } };
    case "setting":
      return { setting: way.value };
    case "cut": {
      const [pieces = draft.meat.pieces, thickness = ""] = way.value.split("|");
      return { meat: { ...draft.meat, pieces, thickness }, setting: "high" };
    }
    case "serve-from":
    case "day-before":
      return { serveAt: way.value };
    case "evening-work":
      return { handling: { ...draft.handling, nightBefore: true, mixBefore: true } };
    case "delay":
      return {
        handling: { ...draft.handling, effort: "cold", hotLiquid: false, warmInsert: false, delay: `${way.value} h` },
      };
    default:
      return {};
  }
}
