import type { BraiseDraft } from "../api/types";

const say = (value: unknown): string => (typeof value === "string" ? value || "nothing" : JSON.stringify(value));

/** The fields in which two versions of a braise differ, with both values as typed. */
export function differences(mine: BraiseDraft, theirs: BraiseDraft): { field: string; mine: string; theirs: string }[] {
  const found: { field: string; mine: string; theirs: string }[] = [];
  const walk = (path: string, a: unknown, b: unknown) => {
    if (JSON.stringify(a) === JSON.stringify(b)) {
      return;
    }
    const both = typeof a === "object" && typeof b === "object" && a !== null && b !== null;
    if (both && !Array.isArray(a)) {
      for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
        walk(
          path === "" ? key : `${path}, ${key}`,
          (a as Record<string, unknown>)[key],
          (b as Record<string, unknown>)[key],
        );
      }
    } else {
      found.push({ field: path, mine: say(a).slice(0, 120), theirs: say(b).slice(0, 120) });
    }
  };
  walk("", mine, theirs);
  return found;
}
