/** Names this window: two windows on one braise keep what they have unsent apart. Lasts over a reload. */
export function windowId(): string {
  try {
    const found = sessionStorage.getItem("pausis.window");
    if (found !== null) {
      return found;
    }
    const made = Math.random().toString(36).slice(2, 10);
    sessionStorage.setItem("pausis.window", made);
    return made;
  } catch {
    return "only";
  }
}
