import type { BraiseDraft, WholeDayView } from "../api/types";
import { localMoment } from "../hours/localMoment";

const HALF_HOUR = 30 * 60_000;

export type WhatIf = { label: string; part: Partial<BraiseDraft> };

/** Small changes to a day that cooks ask about most; each is live, and undone like any other. */
export function whatIfs(day: WholeDayView, draft: BraiseDraft, zone: string | undefined): WhatIf[] {
  const serve = Date.parse(day.serve);
  const eat = (label: string, at: number) => ({ label, part: { serveAt: localMoment(at, zone) } });
  const noon = `${localMoment(serve, zone).split("T")[0]}T12:00`;
  const out = day.people.filter((person) =>
    person.away.some(
      (span) => localMoment(Date.parse(span.from), zone) < noon && noon < localMoment(Date.parse(span.to), zone),
    ),
  );
  return [
    eat("Eat half an hour sooner", serve - HALF_HOUR),
    eat("Eat half an hour later", serve + HALF_HOUR),
    ...out.map((person) => ({
      label: person.name === "" ? "Home at noon" : `${person.name} home at noon`,
      part: {
        away: [...draft.away, { from: noon, to: localMoment(serve, zone), who: person.id, what: "home" }],
      },
    })),
  ];
}
