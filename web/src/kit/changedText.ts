const NONE = Symbol();

/** The one difference between two values, or NONE where there is none, or null where there is more than a text that changed. */
function difference(a: unknown, b: unknown, path: string): string | null | typeof NONE {
  if (Object.is(a, b)) {
    return NONE;
  }
  if (typeof a === "string" && typeof b === "string") {
    return path;
  }
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) {
    return null;
  }
  const keys = Object.keys(a);
  if (keys.length !== Object.keys(b).length) {
    return null;
  }
  let found: string | typeof NONE = NONE;
  for (const key of keys) {
    const here = difference((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key], `${path}.${key}`);
    if (here === null || (here !== NONE && found !== NONE)) {
      return null;
    }
    found = here === NONE ? found : here;
  }
  return found;
}

/** The path of the text in which alone two values differ, as they do while somebody types; null otherwise. */
export function changedText(a: unknown, b: unknown): string | null {
  const found = difference(a, b, "");
  return found === NONE ? null : found;
}
