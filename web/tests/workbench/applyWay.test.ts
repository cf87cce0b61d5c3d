import { expect, test } from "vitest";
import { applyRemedy } from "../../src/workbench/applyRemedy";
import { applyWay } from "../../src/workbench/applyWay";
import { draft } from "../sample";

const way = (code: string, value = "") => ({ code, value, text: "" });

test("a way out changes only what it names", () => {
  expect(applyWay(way("setting", "high"), draft())).toEqual({ setting: "high" });
  expect(applyWay(way("day-before", "2026-11-25T21:00"), draft())).toEqual({ serveAt: "2026-11-25T21:00" });
  expect(applyWay(way("cut", "8|3.4 cm"), draft()).meat).toMatchObject({ pieces: "8", thickness: "3.4 cm" });
  expect(applyWay(way("evening-work"), draft()).handling).toMatchObject({ nightBefore: true, mixBefore: true });
  expect(applyWay(way("unheard-of"), draft())).toEqual({});
});

test("a timer goes only with a pot loaded cold", () => {
  expect(applyWay(way("delay", "2"), draft()).handling).toMatchObject({
    delay: "2 h",
    effort: "cold",
    hotLiquid: false,
    warmInsert: false,
  });
  expect(applyRemedy("no-delay", draft(), null).handling).toMatchObject({ delay: "" });
});
