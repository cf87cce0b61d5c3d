import { expect, test } from "vitest";
import { onOtherDay } from "../../src/day/onOtherDay";
import { draft } from "../sample";

test("everything that was said of the day goes with the dinner", () => {
  const thursday = draft({
    away: [{ from: "2026-11-26T8", to: "2026-11-26Thalf past five", who: "t", what: "away" }],
    pins: [{ job: "cut-vegetables", at: "2026-11-25T20:30" }],
    handling: { ...draft().handling, start: "2026-11-26T08:00" },
  });
  const moved = onOtherDay(thursday, "2026-12-01");
  expect(moved.serveAt).toBe("2026-12-01T19:00");
  expect(moved.away?.[0]).toMatchObject({ from: "2026-12-01T8", to: "2026-12-01Thalf past five", who: "t" });
  expect(moved.pins).toEqual([{ job: "cut-vegetables", at: "2026-11-30T20:30" }]);
  expect(moved.handling?.start).toBe("2026-12-01T08:00");
});

test("a start that was not set stays unset, and a date being typed moves nothing else", () => {
  expect(onOtherDay(draft(), "2026-11-30").handling?.start).toBe("");
  expect(onOtherDay(draft(), "")).toEqual({ serveAt: "T19:00" });
});
