import { expect, test } from "vitest";
import { dayScale, hourTicks } from "../../src/day/dayScale";
import { day, job } from "../sample";

const at = (time: string) => Date.parse(`2026-11-26T${time}:00+01:00`);

test("the clock fills its width, goes forward only, and leads back to the moment", () => {
  const scale = dayScale(day(), 1000);
  expect(scale(at("07:00"))).toBe(0);
  expect(scale(at("21:00"))).toBeCloseTo(1000);
  let last = -1;
  for (let minute = 0; minute <= 14 * 60; minute += 5) {
    const moment = at("07:00") + minute * 60_000;
    const x = scale(moment);
    expect(x).toBeGreaterThan(last);
    expect(scale.invert(x).getTime()).toBeCloseTo(moment, -3);
    last = x;
  }
});

test("an hour in which only the pot works is drawn narrower than one of work", () => {
  const scale = dayScale(day({ jobs: [job("load", "07:30", "08:10"), job("plate", "18:20", "19:00")] }), 1000);
  const width = (from: string, to: string) => scale(at(to)) - scale(at(from));
  expect(width("12:00", "13:00")).toBeLessThan(width("18:00", "19:00") / 3);
});

test("a day without jobs is an even clock", () => {
  const scale = dayScale(day({ jobs: [] }), 1400);
  expect(scale(at("14:00"))).toBeCloseTo(700);
});

test("hours are written where they have room, also where the clock is narrow", () => {
  const scale = dayScale(day(), 1000);
  const ticks = hourTicks(day(), scale, 44);
  expect(ticks[0]).toBe(at("07:00"));
  expect(ticks.length).toBeGreaterThan(5);
  for (const [index, tick] of ticks.entries()) {
    expect(tick % 3_600_000).toBe(0);
    expect(index === 0 || scale(tick) - scale(ticks[index - 1] ?? 0) >= 44).toBe(true);
  }
});
