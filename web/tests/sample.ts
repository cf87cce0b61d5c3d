import type { BraiseDraft, JobView, RibbonView, WholeDayView } from "../src/api/types";

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
    state: "ahead",
    doneAt: "",
    ...part,
  };
}

export function day(part: Partial<WholeDayView> = {}): WholeDayView {
  return {
    jobs: [job("load", "08:05", "08:10"), job("plate", "18:55", "19:00")],
    people: [{ id: "t", name: "Tamsin", away: [], busy: [] }],
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
      thaws: false,
      longer: "",
      others: [],
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
      eatenOn: "",
    },
    sides: ["mash"],
    pins: [],
    ownSides: [],
    sure: "nine-in-ten",
    left: [],
    ...part,
  };
}

/** The ribbon of the sample day, on Friday 27 November 2026, seen the evening before. */
export function ribbon(part: Partial<RibbonView> = {}): RibbonView {
  const at = (time: string) => `2026-11-27T${time}:00+01:00`;
  const phrase = (kind: string, time: string, before: string, after = "") => ({
    kind,
    at: at(time),
    before,
    clock: time,
    after,
  });
  return {
    from: "2026-11-26T20:00:00+01:00",
    to: at("21:30"),
    now: "2026-11-26T20:40:00+01:00",
    switchOn: at("08:10"),
    sauce: at("18:49"),
    serve: at("19:00"),
    setting: "Low",
    pots: [],
    phrases: [
      phrase("on", "08:10", "In by", "on Low"),
      phrase("test", "14:15", "first fork test"),
      phrase("likely", "15:35", "likely ready by"),
      phrase("sauce", "18:49", "sauce begun"),
      phrase("serve", "19:00", "eat at"),
    ],
    work: [],
    away: [],
    asleep: [],
    ...part,
  };
}
