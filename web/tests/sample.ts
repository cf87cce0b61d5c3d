import type { BraiseDraft, JobView, WholeDayView } from "../src/api/types";

/** A job of the sample day, on 26 November 2026 in Vienna. */
export function job(id: string, from: string, to: string, part: Partial<JobView> = {}): JobView {
  const moment = (time: string) => `2026-11-26T${time}:00+01:00`;
  const minutes = (Date.parse(moment(to)) - Date.parse(moment(from))) / 60_000;
  return {
    id,
    text: id,
    group: "braise",
    from: moment(from),
    to: moment(to),
    clock: from,
    minutes,
    hands: true,
    rings: 0,
    ovens: 0,
    waits: "",
    pinned: false,
    who: "t",
    person: "Tamsin",
    refused: "",
    acts: [],
    ...part,
  };
}

export function day(part: Partial<WholeDayView> = {}): WholeDayView {
  return {
    jobs: [job("load", "08:05", "08:10"), job("plate", "18:55", "19:00")],
    people: [{ id: "t", name: "Tamsin", away: [], busy: [] }],
    away: [],
    asleep: [],
    from: "2026-11-26T07:00:00+01:00",
    to: "2026-11-26T21:00:00+01:00",
    switchOn: "2026-11-26T08:10:00+01:00",
    sauce: "2026-11-26T18:40:00+01:00",
    serve: "2026-11-26T19:00:00+01:00",
    clash: "",

    caught: [],
    note: "",
    others: [],
    othersText: "",
    lateText: "",
    ...part,
  };
}

export function draft(part: Partial<BraiseDraft> = {}): BraiseDraft {
  return {
    title: "Shanks",
    serves: "4",
    recipeText: "",
    ingredients: [],
    original: { method: "oven", hours: "", oven: "", boilsWine: false, settings: [] },
    meat: {
      cut: "lamb-shank",
      weight: "1.6 kg",
      pieces: "4",
      thickness: "",
      start: "5 °C",
      why: "",
      since: "",
      thawed: false,
    },
    cookerId: "",
    serveAt: "2026-11-26T19:00",
    away: [],
    level: "own-juices",
    texture: "fork",
    thickness: "coats-a-spoon",
    thickener: "corn-starch",
    setting: "auto",
    steps: [],
    measures: "",
    refused: [],
    amounts: [],
    handling: {
      effort: "full",
      hotLiquid: true,
      warmInsert: true,
      layers: "roots-under",
      lids: [],
      start: "",
      nightBefore: false,
      mixBefore: false,
      saltBefore: false,
      high: "",
      delay: "",
      late: "",
    },
    sides: ["mash"],
    pins: [],
    ownSides: [],
    sure: "nine-in-ten",
    ...part,
  };
}
