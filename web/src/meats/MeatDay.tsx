import type { MeatOfferView } from "../api/types";
import { Hatches, useHatches } from "../clock/Hatches";
import { PotLane } from "../clock/PotLane";
import { useWidth } from "../kit/useWidth";

const LATER_MS = 2.5 * 3_600_000;

/** The pot of one cut up to dinner, and paler what would become of it in the hours after: the same clock for all cuts. */
export function MeatDay({ offer, from }: { offer: MeatOfferView; from: number }) {
  const [box, width] = useWidth<HTMLSpanElement>(360);
  const hatches = useHatches();
  const serve = Date.parse(offer.serve);
  const end = serve + LATER_MS;
  const x = (moment: number) => 2 + ((width - 4) * (moment - from)) / (end - from);
  return (
    <span ref={box} className="block min-w-0">
      <svg width={width} height={24} className="block max-w-full" aria-hidden="true">
        <Hatches id={hatches.id} />
        <PotLane
          pots={offer.pots}
          on={Date.parse(offer.switchOn)}
          until={end}
          x={x}
          y={4}
          height={16}
          fills={hatches}
        />
        <rect x={x(serve)} y={3} width={x(end) - x(serve) + 2} height={18} fill="var(--ground)" opacity=".6" />
        <circle cx={x(serve)} cy={12} r="7" fill="var(--panel)" stroke="var(--rim)" strokeWidth="2" />
      </svg>
    </span>
  );
}
