const MINUTE = 60_000;

/** Where dinner is meant to be now: the server's answer, moved by what was changed since and is written out in digits. */
export function dinnerOf(answered: number, draft: string, timeZone: string | undefined): number {
  if (!/T\d\d:\d\d$/.test(draft)) {
    return answered;
  }
  const naive = (moment: string) => Date.parse(`${moment}:00Z`);
  return answered + Math.round((naive(draft) - naive(localMoment(answered, timeZone))) / MINUTE) * MINUTE;
}

/** A moment as the house's clock writes it, YYYY-MM-DDTHH:MM. */
export function localMoment(milliseconds: number, timeZone: string | undefined): string {
  const parts = new Intl.DateTimeFormat("en-GB", {
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    ...(timeZone ? { timeZone } : {}),
  }).formatToParts(milliseconds);
  const part = (type: string) => parts.find((one) => one.type === type)?.value ?? "";
  return `${part("year")}-${part("month")}-${part("day")}T${part("hour")}:${part("minute")}`;
}

/** The milliseconds of a moment that the house's clock writes, YYYY-MM-DDTHH:MM. */
export function momentOf(local: string, timeZone: string | undefined): number {
  const written = Date.parse(`${local}:00Z`);
  const ahead = (at: number) => Date.parse(`${localMoment(at, timeZone)}:00Z`) - at;
  // Near a change of the clocks the first guess has the offset of the other side.
  return written - ahead(written - ahead(written));
}
