import type { PotLine } from "../api/types";

const HOUR = 3_600_000;
const TEN = 10;

/** Share of ten such pots as steps between the moments at which each is there, as the outline of an area from below. */
function outline(times: (number | null)[], x: (hours: number) => number, y: (share: number) => number, end: number) {
  let path = "";
  let last = 0;
  times.forEach((hours, index) => {
    if (hours === null || x(hours) >= end) {
      return;
    }
    path += path === "" ? `M${x(hours)} ${y(0)}` : "";
    last = (index + 1) / TEN;
    path += `L${x(hours)} ${y(last)}`;
  });
  return path === "" ? "" : `${path}L${end} ${y(last)}V${y(0)}z`;
}

/** The pot from switching on to the sauce: how many of ten such pots are tough, tender or past their best, hour by hour. */
export function PotLane({
  pots,
  on,
  until,
  x,
  y,
  height,
  fills,
}: {
  pots: PotLine[];
  on: number;
  until: number;
  x: (moment: number) => number;
  y: number;
  height: number;
  fills: { tough: string; tender: string; past: string };
}) {
  const [left, right] = [x(on), x(until)];
  const at = (hours: number) => Math.min(right, x(on + hours * HOUR));
  // Past its best hangs from above, tender stands below it, tough is what is left: as ten pots would stand.
  const down = (share: number) => y + height * share;
  const tender = outline(
    pots.map((pot) => pot.tender),
    at,
    down,
    right,
  );
  const past = outline(
    pots.map((pot) => pot.past),
    at,
    down,
    right,
  );
  return (
    <g>
      <rect x={left} y={y} width={Math.max(0, right - left)} height={height} fill={fills.tough} />
      {tender && <path d={tender} fill={fills.tender} stroke="var(--done)" strokeWidth="1.2" />}
      {past && <path d={past} fill={fills.past} stroke="var(--attention-ink)" strokeWidth="1" />}
      <rect x={left} y={y} width={Math.max(0, right - left)} height={height} fill="none" stroke="var(--heat)" />
    </g>
  );
}
