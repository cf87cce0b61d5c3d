import { expect, test } from "vitest";
import { columnsOf, lines } from "../../src/day/columns";
import { day, job, ribbon } from "../sample";

const names = (jobs: { id: string }[]) => jobs.map((one) => one.id);
const today = ribbon({
  switchOn: "2026-11-26T08:10:00+01:00",
  sauce: "2026-11-26T18:40:00+01:00",
  serve: "2026-11-26T19:00:00+01:00",
});

test("the day falls into what is before the pot is on, while it cooks, and from there to the fridge", () => {
  const jobs = [
    job("cut", "07:30", "07:40"),
    job("load", "08:05", "08:10"),
    job("fork-test", "14:15", "14:20"),
    job("mash", "18:08", "18:18"),
    job("plate", "18:55", "19:00"),
    job("fridge", "20:40", "20:45"),
  ];
  const [before, pot, plate] = columnsOf(day({ jobs }), today);
  expect(names(before?.jobs ?? [])).toEqual(["cut", "load"]);
  expect(names(pot?.jobs ?? [])).toEqual(["fork-test"]);
  expect(names(plate?.jobs ?? [])).toEqual(["mash", "plate", "fridge"]);
});

test("a fork test shortly before the meal is a part of it, and no job is lost or told twice", () => {
  const jobs = [job("load", "13:00", "13:05"), job("fork-test", "17:50", "17:55"), job("plate", "18:30", "18:40")];
  const columns = columnsOf(day({ jobs }), { ...today, switchOn: "2026-11-26T13:05:00+01:00" });
  expect(columns.flatMap((one) => names(one.jobs)).sort()).toEqual(["fork-test", "load", "plate"]);
  expect(names(columns[2]?.jobs ?? [])).toEqual(["fork-test", "plate"]);
  expect(columns[1]?.stretch).toBeNull();
});

test("jobs at the same time lie on lines of their own", () => {
  expect(
    lines([job("a", "18:00", "18:30"), job("b", "18:10", "18:20"), job("c", "18:30", "18:40")]).map(names),
  ).toEqual([["a", "c"], ["b"]]);
});
