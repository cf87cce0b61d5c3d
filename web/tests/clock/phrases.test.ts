import { expect, test } from "vitest";
import { placed } from "../../src/clock/phrases";
import { ribbon } from "../sample";

const phrase = (kind: string, time: string, before: string) => ({
  kind,
  at: `2026-11-27T${time}:00+01:00`,
  before,
  clock: time,
  after: "",
});
const x = (moment: number) => 20 + ((moment - Date.parse("2026-11-27T06:00:00+01:00")) / 3_600_000) * 75;

test("each phrase stands at its own minute, in two rows, within the clock", () => {
  const found = placed(ribbon().phrases, x, 0, 1232);
  expect(found?.map((one) => one.phrase.kind)).toEqual(["on", "test", "likely", "sauce", "serve"]);
  for (const one of found ?? []) {
    expect(one.x).toBe(x(Date.parse(one.phrase.at)));
  }
  const rows = (found ?? []).map((one) => `${one.row} ${one.side}`);
  expect(new Set(rows).size).toBeGreaterThan(1);
});

test("phrases too close together, and a clock too narrow, are left to the sentence", () => {
  const close = [
    phrase("on", "08:00", "In by"),
    phrase("test", "14:00", "first fork test"),
    phrase("likely", "14:20", "likely ready by"),
  ];
  expect(placed(close, x, 0, 1232)).toBeNull();
  expect(placed(ribbon().phrases, (moment) => x(moment) / 4, 0, 300)).toBeNull();
});
