import { expect, test } from "vitest";
import { clockScale, quietNights } from "../../src/clock/clockScale";
import { ribbon } from "../sample";

const at = (time: string, day = 26) => Date.parse(`2026-11-${day}T${time}:00+01:00`);
const night = { from: at("22:30"), to: at("06:30", 27) };
const scale = clockScale({ from: at("20:00"), to: at("21:00", 27) }, [night], 0, 1000, 50);

test("the clock is linear, but for the night, which has its own width", () => {
  const hour = scale.x(at("21:00")) - scale.x(at("20:00"));
  expect(scale.x(at("12:00", 27)) - scale.x(at("11:00", 27))).toBeCloseTo(hour);
  expect(scale.x(night.to) - scale.x(night.from)).toBeCloseTo(50);
  expect([scale.x(at("20:00")), scale.x(at("21:00", 27))]).toEqual([0, 1000]);
});

test("a place on it is the moment that stands there", () => {
  for (const moment of [at("20:00"), at("22:00"), at("02:00", 27), at("08:10", 27), at("21:00", 27)]) {
    expect(scale.at(scale.x(moment))).toBeCloseTo(moment, -2);
  }
});

test("hours are told where there is room, and none within the night", () => {
  const ticks = scale.ticks(40);
  expect(ticks.every((tick) => tick <= night.from || tick >= night.to)).toBe(true);
  ticks.slice(1).forEach((tick, index) => {
    expect(scale.x(tick) - scale.x(ticks[index] ?? 0)).toBeGreaterThanOrEqual(40);
  });
});

test("a night in which the pot is on, somebody works, or it is now, is not folded", () => {
  const asleep = [{ from: "2026-11-26T22:30:00+01:00", to: "2026-11-27T06:30:00+01:00" }];
  expect(quietNights(ribbon({ asleep }))).toHaveLength(1);
  expect(quietNights(ribbon({ asleep, switchOn: "2026-11-26T21:00:00+01:00" }))).toHaveLength(0);
  expect(
    quietNights(ribbon({ asleep, work: [{ from: "2026-11-27T05:00:00+01:00", to: "2026-11-27T05:10:00+01:00" }] })),
  ).toHaveLength(0);
  expect(quietNights(ribbon({ asleep, now: "2026-11-27T01:00:00+01:00" }))).toHaveLength(0);
});
