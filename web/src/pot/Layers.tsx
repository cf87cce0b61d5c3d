import type { PotView } from "../api/types";

const ROOT_STEP = 2.6;

/** Roots and pieces of meat at their real size, in the order they were loaded; cm. */
export function Layers({ pot }: { pot: PotView }) {
  const { depth, width } = pot;
  const [thick = 0, , long = 0] = pot.piece;
  const across = Math.max(1, Math.min(Math.ceil(pot.pieces / Math.max(1, pot.layers)), Math.floor(width / long) || 1));
  const behind = pot.pieces > across * pot.layers;
  const pieceHeight = pot.meat / Math.max(1, pot.layers);
  const meatUnder = pot.order === "meat-under";
  const meatBottom = meatUnder ? depth : depth - pot.vegetables;
  const rootsBottom = meatUnder ? depth - pot.meat : depth;
  const perRow = Math.ceil(width / ROOT_STEP);
  const roots = Array.from({ length: perRow * Math.max(0, Math.ceil(pot.vegetables / 2.2)) });
  return (
    <>
      {pot.vegetables > 0 &&
        roots.map((_, index) => {
          const row = Math.floor(index / perRow);
          return (
            <circle
              // biome-ignore lint/suspicious/noArrayIndexKey: drawn dots have no identity
              key={index}
              cx={1.3 + (index % perRow) * ROOT_STEP + (row % 2) * 0.9}
              cy={rootsBottom - 1.1 - row * 2.1}
              r={Math.min(1.05, pot.vegetables / 2)}
              fill="var(--root)"
              stroke="var(--panel)"
              strokeWidth=".15"
            />
          );
        })}
      {Array.from({ length: pot.layers }).flatMap((_, layer) =>
        Array.from({ length: Math.max(0, Math.min(across, pot.pieces - layer * across)) }).map((__, index) => {
          const slot = width / across;
          const w = Math.max(0.5, Math.min(long, slot - 0.3));
          const h = Math.max(0.5, Math.min(thick, pieceHeight) - 0.15);
          const x = slot * index + (slot - w) / 2;
          const y = meatBottom - (layer + 1) * pieceHeight + 0.1;
          const piece = {
            width: w,
            height: h,
            rx: Math.min(w, h) * 0.38,
            fill: "var(--meat)",
            stroke: "var(--panel)",
            strokeWidth: 0.2,
          };
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: drawn pieces have no identity
            <g key={`${layer}-${index}`}>
              {behind && <rect {...piece} x={x + 0.9} y={y - 0.7} opacity={0.45} />}
              <rect {...piece} x={x} y={y} />
              {pot.bone && (
                <path
                  d={`M${x + w * 0.24} ${y + h / 2} H${x + w * 0.76}`}
                  stroke="var(--panel)"
                  strokeWidth={Math.min(1.1, h * 0.2)}
                  strokeLinecap="round"
                />
              )}
            </g>
          );
        }),
      )}
    </>
  );
}
