import { expect, test } from "vitest";
import { lines, rowsOf } from "../../src/day/rowsOf";
import { day, job } from "../sample";

test("jobs that overlap take a line each, others share one", () => {
  const rows = lines([job("a", "18:00", "18:30"), job("b", "18:10", "18:20"), job("c", "18:30", "18:40")]);
  expect(rows.map((row) => row.map((one) => one.id))).toEqual([["a", "c"], ["b"]]);
  expect(lines([])).toEqual([[]]);
});

test("every cook has a row, with the work of other braises in it", () => {
  const people = [
    { id: "t", name: "Tamsin", away: [], busy: [] },
    { id: "j", name: "Joris", away: [], busy: [] },
  ];
  const jobs = [job("brown", "07:00", "07:10", { rings: 1 }), job("boil", "18:00", "18:20", { who: "", rings: 1 })];
  const others = [{ title: "Oxtail", jobs: [job("x-brown", "07:05", "07:15", { who: "j", rings: 1 })] }];
  const rows = rowsOf(day({ people, jobs, others }));
  expect(rows.map((row) => row.name)).toEqual(["Tamsin", "Joris", "ring", "ring", "oven"]);
  expect(rows[1]?.jobs.map((one) => one.id)).toEqual(["x-brown"]);
  expect(rows[2]?.jobs.map((one) => one.id)).toEqual(["brown", "boil"]);
});

test("a cook without a name is just hands", () => {
  expect(rowsOf(day({ people: [{ id: "1", name: "", away: [], busy: [] }] }))[0]?.name).toBe("hands");
});
