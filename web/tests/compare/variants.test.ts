import { expect, test } from "vitest";
import type { Adaptation, Catalogue } from "../../src/api/types";
import { variants } from "../../src/compare/variants";
import { day, draft } from "../sample";

const catalogue = { settings: [], levels: [], thicknesses: [], bodies: [], efforts: [] } as unknown as Catalogue;
const adaptation = (people: ReturnType<typeof day>["people"]) =>
  ({ outcomes: [], wholeDay: day({ people }) }) as unknown as Adaptation;
const named = (name: string, away: { from: string; to: string }[]) =>
  variants(draft(), adaptation([{ id: "t", name: "", away, busy: [] }]), catalogue, []).find(
    (one) => one.name === name,
  );

test("being at home is worth a look only where somebody is away", () => {
  expect(named("home", [])).toBeUndefined();
  expect(named("home", [{ from: "2026-11-26T08:00:00+01:00", to: "2026-11-26T17:00:00+01:00" }])?.part.away).toEqual([
    { from: "2026-11-26T00:00", to: "2026-11-26T23:59", who: "", what: "home" },
  ]);
});

test("an hour later is an hour later, past midnight too", () => {
  expect(named("eat-60", [])?.part.serveAt).toBe("2026-11-26T20:00");
  const late = variants(draft({ serveAt: "2026-11-26T23:30" }), adaptation([]), catalogue, []);
  expect(late.find((one) => one.name === "eat-60")?.part.serveAt).toBe("2026-11-27T00:30");
});
