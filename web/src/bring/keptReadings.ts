import type { BraiseDraft, ReadRecipe } from "../api/types";

const KEY = "pausis.readings";
/** Older readings than this many are let go. */
const MOST = 12;

export type KeptReading = { id: string; read: ReadRecipe; draft: BraiseDraft };

function all(): KeptReading[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "[]") as KeptReading[];
  } catch {
    return [];
  }
}

/** Answers whether it could be kept. */
function put(readings: KeptReading[]): boolean {
  try {
    localStorage.setItem(KEY, JSON.stringify(readings.slice(0, MOST)));
    return true;
  } catch {
    return readings.length > 1 && put(readings.slice(0, -1));
  }
}

export const findReading = (id: string) => all().find((one) => one.id === id);

/** What was read of a recipe, with its corrections, on this device until it becomes a braise. */
export const keepReading = (reading: KeptReading): boolean =>
  put([reading, ...all().filter((one) => one.id !== reading.id)]);

export const forgetReading = (id: string): boolean => put(all().filter((one) => one.id !== id));

export const readings = all;
