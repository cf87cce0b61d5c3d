import type { CookView } from "../api/types";
import { useWidth } from "../kit/useWidth";
import { PotPicture, potGeometry } from "../pot/PotPicture";

const HEADROOM = 46;
const HEAT: Record<string, number> = { off: 0, warm: 0, low: 1 };
/** Hours after which fat stands on it. */
const FAT_AFTER = 2;

/** The pot as it probably is at this minute, to scale; with its lid lifted while the fork is asked. */
export function StovePot({ cook, lifted, most }: { cook: CookView; lifted: boolean; most: number }) {
  const [box, width] = useWidth<HTMLDivElement>(358);
  const { pot, moment } = cook;
  const geometry = potGeometry(pot, width, most, 10);
  const level = moment?.level ?? pot.level;
  const free = (pot.depth - Math.max(pot.vegetables + pot.meat, level)) * geometry.scale;
  const text = [`${cook.core} in the middle`, `${cook.sinceOn} on ${cook.setting}`];
  const middle = geometry.left + (pot.width * geometry.scale) / 2;
  const x = middle + (lifted ? pot.width * geometry.scale * 0.07 : 0);
  const y = geometry.top + Math.max(30, Math.min(50, free * 0.5));
  return (
    <div ref={box} className={lifted ? "pt-3 table:pt-6" : ""}>
      <svg width={width} height={geometry.height} className="block max-w-full overflow-visible">
        <title>{`The pot now, about: ${text.join(", ")}. ${pot.text}`}</title>
        <PotPicture
          pot={pot}
          geometry={geometry}
          level={level}
          tender={moment?.tender ?? 0}
          fat={(moment?.hour ?? 0) > FAT_AFTER ? pot.fat : 0}
          heat={HEAT[cook.turnedTo] ?? 2}
          lid={lifted ? "lifted" : true}
          quiet={lifted}
        />
        {lifted && (
          <g
            transform={`translate(${geometry.left + pot.width * geometry.scale * 0.17} ${geometry.y(pot.vegetables + pot.meat * 0.75)}) rotate(8)`}
          >
            <path
              d={`M-8 8V-8a8 8 0 0 1 16 0V8M0 8V${-free - 26}`}
              fill="none"
              stroke="var(--rim)"
              strokeWidth="4"
              strokeLinecap="round"
            />
          </g>
        )}
        {free > HEADROOM && moment && (
          <g textAnchor="middle">
            <text x={x} y={y} fontSize="28" fontWeight="800">
              {cook.core}
            </text>
            <text x={x} y={y + 18} fontSize="14" className="fill-soft">
              in the middle, {cook.sinceOn} on {cook.setting}
            </text>
          </g>
        )}
      </svg>
      {free <= HEADROOM && moment && (
        <p className="text-center">
          <strong className="text-2xl">{cook.core}</strong>{" "}
          <span className="text-soft">
            in the middle, {cook.sinceOn} on {cook.setting}
          </span>
        </p>
      )}
    </div>
  );
}
