import { useId } from "react";

/** Names of the patterns of one drawing; ids are unique on a page. */
export function useHatches() {
  const id = useId().replaceAll(":", "");
  const url = (name: string) => `url(#${name}-${id})`;
  return { id, tough: url("tough"), tender: url("tender"), past: url("past"), away: url("away"), busy: url("busy") };
}

/** Tough is barred, tender leans, past its best is dotted, away leans back, busy is dotted: also in grey. */
export function Hatches({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={`tough-${id}`} width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--heat-wash)" />
        <path d="M3.5 0v7" stroke="var(--heat)" strokeOpacity=".35" />
      </pattern>
      <pattern id={`tender-${id}`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <rect width="6" height="6" fill="var(--done-wash)" />
        <path d="M0 3h6" stroke="var(--done)" strokeWidth="2.2" />
      </pattern>
      <pattern id={`past-${id}`} width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--attention)" />
        <circle cx="3" cy="3" r="1.25" fill="#5a3b00" />
      </pattern>
      <pattern id={`away-${id}`} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 4h8" stroke="var(--edge)" strokeWidth="1.4" />
      </pattern>
      <pattern id={`busy-${id}`} width="6" height="6" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1" fill="var(--edge)" />
      </pattern>
    </defs>
  );
}
