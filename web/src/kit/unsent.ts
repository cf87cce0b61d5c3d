/** What this device still has to send, by a name: kept over a reload. */
export function keepUnsent(name: string, value: unknown): void {
  try {
    localStorage.setItem(`pausis.unsent.${name}`, JSON.stringify(value));
  } catch {
    // This device's own storage is full; it stays on the page.
  }
}

export function unsent<T>(name: string): T | null {
  try {
    return JSON.parse(localStorage.getItem(`pausis.unsent.${name}`) ?? "null") as T | null;
  } catch {
    return null;
  }
}

export function forgetUnsent(name: string): void {
  try {
    localStorage.removeItem(`pausis.unsent.${name}`);
  } catch {
    // There is no storage, and nothing in it.
  }
}

/** What follows the beginning, of names that have something unsent. */
export function unsentNames(beginning: string): string[] {
  try {
    const start = `pausis.unsent.${beginning}`;
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(start))
      .map((key) => key.slice(start.length));
  } catch {
    return [];
  }
}
