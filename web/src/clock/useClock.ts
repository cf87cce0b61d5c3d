import { useHouse } from "../api/queries";

/** How the house writes the time of day, and where it stands. */
export function useClock() {
  const house = useHouse().data;
  const zone = house?.draft.timeZone;
  const twelve = house?.draft.clock === "12";
  const format = new Intl.DateTimeFormat("en-GB", {
    hour: twelve ? "numeric" : "2-digit",
    minute: "2-digit",
    hour12: twelve,
    ...(zone ? { timeZone: zone } : {}),
  });
  const hourOnly = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    hour12: twelve,
    ...(zone ? { timeZone: zone } : {}),
  });
  const ofDay = new Intl.DateTimeFormat("en-GB", {
    hour: "numeric",
    minute: "2-digit",
    hour12: true,
    timeZone: "UTC",
  });
  const weekday = new Intl.DateTimeFormat("en-GB", { weekday: "short", ...(zone ? { timeZone: zone } : {}) });
  return {
    zone,
    twelve,
    /** HH:MM as the house writes it; anything else as it is. */
    written: (typed: string) =>
      twelve && /^\d\d:\d\d$/.test(typed) ? ofDay.format(Date.parse(`1970-01-01T${typed}Z`)) : typed,
    time: (at: number) => format.format(at),
    hour: (at: number) => hourOnly.format(at),
    weekday: (at: number) => weekday.format(at),
  };
}
