import { expect, test } from "vitest";
import { dinnerOf, localMoment, momentOf } from "../../src/clock/localMoment";

const ZONE = "Europe/Vienna";

test("a moment is written on the house's clock and read back, also around a change of the clocks", () => {
  for (const utc of ["2026-11-26T18:00:00Z", "2027-03-28T00:30:00Z", "2027-03-28T01:30:00Z", "2026-10-25T02:30:00Z"]) {
    const at = Date.parse(utc);
    expect(momentOf(localMoment(at, ZONE), ZONE)).toBe(at);
  }
  expect(localMoment(Date.parse("2026-11-26T18:00:00Z"), ZONE)).toBe("2026-11-26T19:00");
  expect(localMoment(Date.parse("2026-07-01T23:30:00Z"), "America/Denver")).toBe("2026-07-01T17:30");
});

test("dinner is moved by what was typed since the answer, and stays where what is typed isn't digits", () => {
  const answered = Date.parse("2026-11-26T18:00:00Z");
  expect(dinnerOf(answered, "2026-11-26T19:45", ZONE)).toBe(answered + 45 * 60_000);
  expect(dinnerOf(answered, "2026-11-27T19:00", ZONE)).toBe(answered + 24 * 60 * 60_000);
  expect(dinnerOf(answered, "2026-11-26Tquarter to eight", ZONE)).toBe(answered);
});
