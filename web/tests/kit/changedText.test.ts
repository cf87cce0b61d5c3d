import { expect, test } from "vitest";
import { changedText } from "../../src/kit/changedText";
import { draft } from "../sample";

test("typing changes one text, wherever it stands", () => {
  expect(changedText(draft(), draft({ title: "Shank" }))).toBe(".title");
  expect(changedText(draft(), draft({ meat: { ...draft().meat, weight: "2 kg" } }))).toBe(".meat.weight");
  const away = (from: string) => draft({ away: [{ from, to: "b", who: "", what: "away" }] });
  expect(changedText(away("8"), away("8:"))).toBe(".away.0.from");
});

test("ticking, adding, taking away and two changes at once are not typing", () => {
  expect(changedText(draft(), draft())).toBeNull();
  expect(changedText(draft(), draft({ sides: ["mash", "slaw"] }))).toBeNull();
  expect(changedText(draft(), draft({ pins: [{ job: "plate", at: "2026-11-26T18:00" }] }))).toBeNull();
  expect(changedText(draft(), draft({ handling: { ...draft().handling, nightBefore: true } }))).toBeNull();
  expect(changedText(draft(), draft({ title: "a", serves: "5" }))).toBeNull();
});
