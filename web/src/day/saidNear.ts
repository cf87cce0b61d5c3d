const HALF_IS_SAID = /\d\d[:.h]?\d\d|[ap]\.?m|noon|midday|night|morning|afternoon|evening/i;
const HOUR = /\d+|twelve/;
const NOON = 12;

/** A time as typed for something that stands at an hour of the day: without a half of the day of its own, it is meant in the same. */
export function saidNear(typed: string, hour: number): string {
  const said = HOUR.exec(typed)?.[0];
  const twelve = said === "twelve" || Number(said) >= NOON;
  return hour < NOON || twelve || HALF_IS_SAID.test(typed) ? typed : `${typed} in the evening`;
}
