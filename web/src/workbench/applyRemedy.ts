import type { Adaptation, BraiseDraft } from "../api/types";

/** The change to the draft that a remedy's code names. The core has checked that it helps. */
export function applyRemedy(code: string, draft: BraiseDraft, adaptation: Adaptation | null): Partial<BraiseDraft> {
  if (code.startsWith("setting-")) {
    return { setting: code.slice("setting-".length) };
  }
  if (code.startsWith("level-")) {
    return { level: code.slice("level-".length) };
  }
  if (code.startsWith("cut-in-")) {
    const parts = Number(code.slice("cut-in-".length));
    const pieces = String(Number(draft.meat.pieces) * parts);
    return { meat: { ...draft.meat, pieces, thickness: adaptation?.remedyThickness ?? "" } };
  }
  if (code.startsWith("effort-")) {
    return { handling: { ...draft.handling, effort: code.slice("effort-".length) } };
  }
  if (code === "no-delay") {
    return { handling: { ...draft.handling, delay: "" } };
  }
  if (code === "serve-from" && adaptation) {
    return { serveAt: adaptation.serveFrom };
  }
  return {};
}
