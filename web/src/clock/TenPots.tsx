import type { PotLine } from "../api/types";

const HOUR = 3_600_000;
const STEP = 6.4;

export const TEN_POTS_HEIGHT = 10 * STEP + 3;

/** Ten pots like yours, a line each: tight while tough, swollen when tender, dotted past its best; pale once the sauce is begun. */
export function TenPots({
  pots,
  on,
  until,
  end,
  x,
  y,
  fills,
  faint = false,
}: {
  pots: PotLine[];
  on: number;
  until: number;
  end: number;
  x: (moment: number) => number;
  y: number;
  fills: { tender: string; past: string };
  faint?: boolean;
}) {
  const right = x(end);
  const at = (hours: number | null) => (hours === null ? right : Math.min(right, x(on + hours * HOUR)));
  return (
    <g opacity={faint ? 0.55 : 1}>
      {pots.map((pot, index) => {
        const top = y + index * STEP;
        const [tender, past] = [at(pot.tender), Math.max(at(pot.tender), at(pot.past))];
        const bar = (from: number, to: number, fill: string, edge: string) =>
          to - from > 0.5 && (
            <g>
              <rect
                x={from}
                y={top + 0.8}
                width={Math.max(0, Math.min(to, x(until)) - from)}
                height={4.8}
                rx="2.4"
                fill={fill}
                stroke={edge}
              />
              <rect
                x={Math.max(from, x(until))}
                y={top + 0.8}
                width={Math.max(0, to - Math.max(from, x(until)))}
                height={4.8}
                rx="2.4"
                fill={fill}
                opacity=".3"
              />
            </g>
          );
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: the pots are told apart by their order
          <g key={index}>
            <path d={`M${x(on)} ${top + 3.5}H${tender}`} stroke="var(--heat)" strokeOpacity=".75" strokeWidth="1.7" />
            {bar(tender, past, fills.tender, "var(--done)")}
            {bar(past, right, fills.past, "var(--attention-ink)")}
          </g>
        );
      })}
    </g>
  );
}
