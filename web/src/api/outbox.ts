import { Problem } from "./Problem";
import { request } from "./request";

/** A record that is sent sooner than this after it was made happened when it arrives. */
const AT_ONCE_SECONDS = 20;
/** The record that a pot was switched on: what the server asks about it first is asked, and it waits till it is answered. */
export const SWITCHED_ON = "cook";
const PREFIX = "pausis.records.";
const OF_BRAISE = "braise.";

/** Something that was recorded on this device: where it goes, what it says, and in what words it is shown until it is there. */
export type Entry = { id: string; path: string; body: Record<string, unknown>; text: string; made: number };

/** What was refused, and by its id whether it still waits to be said otherwise: that a pot is on is never dropped. */
export type Refusal = { id: string; path: string; problem: Problem };

/** What waits for one place: in order, whether it outlives a reload, why it isn’t sent, and what was refused last. */
export type Box = { entries: Entry[]; kept: boolean; failing: Problem | null; refusal: Refusal | null };

const EMPTY: Box = { entries: [], kept: true, failing: null, refusal: null };

/** The place of a cook’s records is its id; that of a braise which isn’t on yet has a mark before it. */
export const boxOfBraise = (id: string) => `${OF_BRAISE}${id}`;

const addressOf = (place: string) =>
  place.startsWith(OF_BRAISE) ? `/braises/${place.slice(OF_BRAISE.length)}` : `/cooks/${place}`;

const boxes = new Map<string, Box>();
const busy = new Set<string>();
const listeners = new Set<() => void>();

function load(place: string): Entry[] {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + place) ?? "[]") as Entry[];
  } catch {
    return [];
  }
}

function store(place: string, entries: Entry[]): boolean {
  try {
    entries.length > 0
      ? localStorage.setItem(PREFIX + place, JSON.stringify(entries))
      : localStorage.removeItem(PREFIX + place);
    return true;
  } catch {
    return false;
  }
}

export function boxOf(place: string): Box {
  let box = boxes.get(place);
  if (box === undefined) {
    const entries = load(place);
    box = entries.length === 0 ? EMPTY : { ...EMPTY, entries };
    boxes.set(place, box);
  }
  return box;
}

function change(place: string, changes: Partial<Box>): void {
  const kept = changes.entries === undefined ? {} : { kept: store(place, changes.entries) };
  boxes.set(place, { ...boxOf(place), ...changes, ...kept });
  for (const listener of listeners) {
    listener();
  }
}

export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

// Another window of this device has sent or recorded something.
window.addEventListener("storage", (event) => {
  const place = event.key?.startsWith(PREFIX) === true ? event.key.slice(PREFIX.length) : null;
  if (place !== null && boxes.has(place) && !busy.has(place)) {
    boxes.delete(place);
    change(place, {});
  }
});

/** Every place for which something waits on this device. */
export function places(): string[] {
  const found = new Set<string>();
  try {
    for (const key of Object.keys(localStorage)) {
      if (key.startsWith(PREFIX)) {
        found.add(key.slice(PREFIX.length));
      }
    }
  } catch {
    // Without a storage there is what is in memory.
  }
  for (const [place, box] of boxes) {
    if (box.entries.length > 0) {
      found.add(place);
    }
  }
  return [...found];
}

export function put(place: string, path: string, body: Record<string, unknown>, text: string): void {
  const { refusal, entries } = boxOf(place);
  const id = crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`;
  change(place, {
    refusal: refusal?.path === path ? null : refusal,
    entries: [...entries, { id, path, body, text, made: Date.now() }],
  });
}

/** Takes the last one back that hasn’t been sent; false where there is none. */
export function dropLast(place: string): boolean {
  const { entries } = boxOf(place);
  if (entries.length === 0 || busy.has(place)) {
    return false;
  }
  change(place, { entries: entries.slice(0, -1) });
  return true;
}

/** Said otherwise since. */
export function drop(place: string, id: string): void {
  const { entries, refusal } = boxOf(place);
  change(place, { entries: entries.filter((one) => one.id !== id), refusal: refusal?.id === id ? null : refusal });
}

/** How long ago a record was made, as the server takes it; empty for now. */
export const since = (entry: Entry, now: number) => `-${Math.max(0, Math.round((now - entry.made) / 1000))} s`;

/** With the time it was made where it is sent later; the server knows what o’clock that is in the house. */
export function timed(entry: Entry, now: number): Record<string, unknown> {
  const ago = Math.round((now - entry.made) / 1000);
  const late = ago > AT_ONCE_SECONDS && (entry.body.at ?? "") === "" && entry.path !== "close";
  const named = entry.path === "close" || entry.path === SWITCHED_ON ? {} : { id: entry.id };
  return { ...entry.body, ...named, ...(late ? { at: since(entry, now) } : {}) };
}

/** Sends what waits, in order; the server takes each once. What it refuses is said, not sent again. */
export async function send(place: string, onAnswer: (entry: Entry, answer: unknown) => void): Promise<void> {
  if (busy.has(place)) {
    return;
  }
  busy.add(place);
  try {
    for (let next = boxOf(place).entries[0]; next !== undefined; next = boxOf(place).entries[0]) {
      const entry = next;
      if (boxOf(place).refusal?.id === entry.id) {
        return;
      }
      const rest = () => boxOf(place).entries.filter((one) => one.id !== entry.id);
      try {
        const answer = await request("POST", `${addressOf(place)}/${entry.path}`, timed(entry, Date.now()));
        change(place, { entries: rest(), failing: null });
        onAnswer(entry, answer);
      } catch (error) {
        const problem = error instanceof Problem ? error : new Problem(500, String(error));
        // A device that has to say the passphrase again sends it once it has.
        if (problem.passing || problem.status === 401) {
          change(place, { failing: problem });
          return;
        }
        const refusal = { id: entry.id, path: entry.path, problem };
        change(
          place,
          entry.path === SWITCHED_ON ? { failing: null, refusal } : { entries: rest(), failing: null, refusal },
        );
      }
    }
  } finally {
    busy.delete(place);
  }
}
