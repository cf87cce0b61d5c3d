import { expect, test } from "vitest";
import { whatIfs } from "../../src/day/whatIfs";
import { day, draft } from "../sample";

const ZONE = "Europe/Vienna";

test("dinner moves by half an hour either way, on the house's clock", () => {
  const [sooner, later] = whatIfs(day(), draft(), ZONE);
  expect(sooner?.part.serveAt).toBe("2026-11-26T18:30");
  expect(later?.part.serveAt).toBe("2026-11-26T19:30");
});

test("only those who are away at noon can be home then", () => {
  const span = (from: string, to: string) => ({ from: `2026-11-26T${from}:00+01:00`, to: `2026-11-26T${to}:00+01:00` });
  const people = [
    { id: "t", name: "Tamsin", away: [span("08:10", "17:20")], busy: [] },
    { id: "j", name: "Joris", away: [span("05:40", "11:30"), span("12:30", "14:00")], busy: [] },
  ];
  const offered = whatIfs(day({ people }), draft(), ZONE).slice(2);
  expect(offered.map((one) => one.label)).toEqual(["Tamsin home at noon"]);
  expect(offered[0]?.part.away).toEqual([{ from: "2026-11-26T12:00", to: "2026-11-26T19:00", who: "t", what: "home" }]);
});
