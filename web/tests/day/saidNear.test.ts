import { expect, test } from "vitest";
import { saidNear } from "../../src/day/saidNear";

test("an hour without its half of the day is meant in the half in which the job stands", () => {
  expect(saidNear("half past six", 18)).toBe("half past six in the evening");
  expect(saidNear("6.30", 18)).toBe("6.30 in the evening");
  expect(saidNear("half past six", 7)).toBe("half past six");
});

test("a time that says its half of the day is left as it is", () => {
  for (const typed of ["18:30", "06:30", "6:30 am", "7 pm", "noon", "14", "twelve", "6 in the morning"]) {
    expect(saidNear(typed, 18)).toBe(typed);
  }
});
