/** What a JSON merge patch (RFC 7396) makes of an object. */
export function mergePatch<T extends object>(target: T, patch: Record<string, unknown>): T {
  const merged = { ...target } as Record<string, unknown>;
  for (const [key, value] of Object.entries(patch)) {
    if (value === null) {
      delete merged[key];
    } else if (isObject(value)) {
      const before = merged[key];
      merged[key] = mergePatch(isObject(before) ? before : {}, value);
    } else {
      merged[key] = value;
    }
  }
  return merged as T;
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
