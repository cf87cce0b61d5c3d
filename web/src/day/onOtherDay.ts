import type { BraiseDraft } from "../api/types";

const DAY = 86_400_000;

/** YYYY-MM-DDT and a time as typed, so many days later. */
function later(moment: string, days: number): string {
  const [date = "", time = ""] = moment.split("T");
  const at = Date.parse(`${date}T00:00Z`);
  return Number.isNaN(at) || moment === "" ? moment : `${new Date(at + days * DAY).toISOString().slice(0, 10)}T${time}`;
}

/** The same dinner on another day: who is where, times that were kept and a start that was set go with it. */
export function onOtherDay(draft: BraiseDraft, day: string): Partial<BraiseDraft> {
  const [was = "", time = ""] = draft.serveAt.split("T");
  const serveAt = `${day}T${time}`;
  const days = Math.round((Date.parse(`${day}T00:00Z`) - Date.parse(`${was}T00:00Z`)) / DAY);
  if (Number.isNaN(days)) {
    return { serveAt };
  }
  return {
    serveAt,
    away: draft.away.map((one) => ({ ...one, from: later(one.from, days), to: later(one.to, days) })),
    pins: draft.pins.map((pin) => ({ ...pin, at: later(pin.at, days) })),
    handling: {
      ...draft.handling,
      start: later(draft.handling.start, days),
      eatenOn: later(draft.handling.eatenOn, days),
    },
  };
}
