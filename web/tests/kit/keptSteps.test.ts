import { beforeEach, expect, test } from "vitest";
import { keepSteps, keptSteps } from "../../src/kit/keptSteps";

const held = new Map<string, string>();
const store = {
  getItem: (key: string) => held.get(key) ?? null,
  setItem: (key: string, value: string) => void held.set(key, value),
  removeItem: (key: string) => void held.delete(key),
};

beforeEach(() => held.clear());

test("what was done can be undone after a reload", () => {
  keepSteps(store, "a", { past: [{ pieces: "1" }], now: { pieces: "2" }, future: [{ pieces: "3" }] });
  expect(keptSteps(store, "a", { pieces: "2" })).toEqual({
    past: [{ pieces: "1" }],
    now: { pieces: "2" },
    future: [{ pieces: "3" }],
  });
});

test("not where something else holds now, or another braise is asked for", () => {
  keepSteps(store, "a", { past: [1], now: 2, future: [] });
  expect(keptSteps(store, "a", 3)).toEqual({ past: [], now: 3, future: [] });
  expect(keptSteps(store, "b", 2)).toEqual({ past: [], now: 2, future: [] });
});

test("the last forty steps are kept, and nothing where there are none", () => {
  keepSteps(store, "a", { past: Array.from({ length: 60 }, (_, k) => k), now: 60, future: [] });
  expect(keptSteps(store, "a", 60).past).toEqual(Array.from({ length: 40 }, (_, k) => k + 20));
  keepSteps(store, "a", { past: [], now: 60, future: [] });
  expect(held.size).toBe(0);
});

test("a store that is full or holds nonsense loses nothing but the steps", () => {
  held.set("a", "{");
  expect(keptSteps(store, "a", 1)).toEqual({ past: [], now: 1, future: [] });
  const full = {
    ...store,
    setItem: () => {
      throw new Error("full");
    },
  };
  expect(() => keepSteps(full, "a", { past: [1], now: 2, future: [] })).not.toThrow();
});
