import { expect, test } from "vitest";
import { takenWay } from "../../src/day/takenWay";
import { draft } from "../sample";

const own = (name: string) => ({ name, work: 10, cooking: 30, where: "ring" });
const day = draft({ sides: ["mash", "rice", "slaw"], ownSides: [own("apple sauce"), own("dumplings")] });
const way = (code: string, value: string) => ({ code, value, text: "" });

test("only the sides that are named are left out, the cook's own too", () => {
  expect(takenWay(way("without-sides", "rice,own0"), day)).toEqual({
    sides: ["mash", "slaw"],
    ownSides: [own("dumplings")],
  });
  expect(takenWay(way("without-side", "mash"), day).sides).toEqual(["rice", "slaw"]);
});

test("a warm loaf takes the place of one", () => {
  expect(takenWay(way("instead-side", "rice"), day).sides).toEqual(["mash", "slaw", "warm-loaf"]);
});

test("dinner later is only later, and another setting only that", () => {
  expect(takenWay(way("other-setting", "high"), day)).toEqual({ setting: "high" });
  expect(takenWay(way("serve-later", "2026-11-26T19:30"), day)).toEqual({ serveAt: "2026-11-26T19:30" });
});
