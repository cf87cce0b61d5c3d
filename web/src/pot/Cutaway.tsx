import type { PotView } from "../api/types";

const RIGHT_FILL = 0.75;
const WALL = 0.9;

/** The insert cut open along its length, to scale in centimetres: roots, meat, liquid when loaded and at the end. */
export function Cutaway({ pot }: { pot: PotView }) {
  const { depth, width } = pot;
  const margin = { side: 3.2, top: 2.5, bottom: 1.6 };
  const [thick = 0, , long = 0] = pot.piece;
  const across = Math.max(1, Math.min(Math.ceil(pot.pieces / Math.max(1, pot.layers)), Math.floor(width / long) || 1));
  const behind = pot.pieces > across * pot.layers;
  const pieceHeight = pot.meat / Math.max(1, pot.layers);
  const floor = depth;
  const meatBottom = floor - pot.vegetables;
  const roots = Array.from({ length: Math.ceil(width / 2.6) * Math.max(0, Math.ceil(pot.vegetables / 2.2)) });
  const perRow = Math.ceil(width / 2.6);
  return (
    <svg
      viewBox={`${-margin.side} ${-margin.top} ${width + 2 * margin.side} ${depth + margin.top + margin.bottom}`}
      className="block h-auto max-h-72 w-full"
      role="img"
      aria-label={pot.text}
    >
      <defs>
        <clipPath id="inside">
          <path
            d={`M0 0 H${width} V${depth - 2} Q${width} ${depth} ${width - 2} ${depth} H2 Q0 ${depth} 0 ${depth - 2}z`}
          />
        </clipPath>
        <pattern id="ripples" width="2" height="0.8" patternUnits="userSpaceOnUse">
          <rect width="2" height="0.8" fill="var(--liquid)" opacity="0.35" />
          <path d="M0 .4 q.5 -.35 1 0 t1 0" stroke="var(--liquid)" strokeWidth=".12" fill="none" />
        </pattern>
      </defs>
      <g clipPath="url(#inside)">
        <rect x={0} y={floor - pot.level} width={width} height={pot.level} fill="url(#ripples)" />
        {pot.vegetables > 0 &&
          roots.map((_, index) => {
            const row = Math.floor(index / perRow);
            return (
              <circle
                // biome-ignore lint/suspicious/noArrayIndexKey: drawn dots have no identity
                key={index}
                cx={1.3 + (index % perRow) * 2.6 + (row % 2) * 0.9}
                cy={floor - 1.1 - row * 2.1}
                r={Math.min(1.05, pot.vegetables / 2)}
                fill="var(--root)"
                stroke="var(--panel)"
                strokeWidth=".15"
              />
            );
          })}
        {Array.from({ length: pot.layers }).flatMap((_, layer) =>
          Array.from({ length: Math.min(across, pot.pieces - layer * across) }).map((__, index) => {
            const slot = width / across;
            const w = Math.min(long, slot - 0.3);
            const h = Math.min(thick, pieceHeight) - 0.15;
            const piece = {
              x: slot * index + (slot - w) / 2,
              y: meatBottom - (layer + 1) * pieceHeight + 0.1,
              width: Math.max(0.5, w),
              height: Math.max(0.5, h),
              rx: Math.min(w, h) * 0.38,
              fill: "var(--meat)",
              stroke: "var(--panel)",
              strokeWidth: 0.2,
            };
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: drawn pieces have no identity
              <g key={`${layer}-${index}`}>
                {behind && <rect {...piece} x={piece.x + 0.9} y={piece.y - 0.7} opacity={0.45} />}
                <rect {...piece} />
              </g>
            );
          }),
        )}
        <rect x={0} y={floor - pot.level} width={width} height={pot.level} fill="var(--liquid)" opacity="0.22" />
      </g>
      <line
        x1={-0.6}
        x2={width + 0.6}
        y1={floor - pot.level}
        y2={floor - pot.level}
        stroke="var(--liquid)"
        strokeWidth=".35"
      />
      <line
        x1={-0.6}
        x2={width + 0.6}
        y1={floor - pot.levelAtEnd}
        y2={floor - pot.levelAtEnd}
        stroke="var(--liquid)"
        strokeWidth=".25"
        strokeDasharray=".9 .7"
      />
      <path
        d={`M${-WALL} -.4 H0 V${depth - 2} Q0 ${depth} 2 ${depth} H${width - 2} Q${width} ${depth} ${width} ${depth - 2} V-.4 H${width + WALL} V${depth - 1.6} Q${width + WALL} ${depth + WALL} ${width - 2} ${depth + WALL} H2 Q${-WALL} ${depth + WALL} ${-WALL} ${depth - 1.6}z`}
        fill="var(--rim)"
      />
      <rect x={-WALL - 0.5} y={-1.5} width={width + 2 * WALL + 1} height={1} rx={0.5} fill="var(--rim)" />
      <line
        x1={-2.2}
        x2={-WALL}
        y1={depth * (1 - RIGHT_FILL)}
        y2={depth * (1 - RIGHT_FILL)}
        stroke="var(--heat)"
        strokeWidth=".3"
      />
      <text x={-margin.side} y={depth * (1 - RIGHT_FILL) - 0.4} fontSize="1.3" fill="var(--heat)">
        ¾
      </text>
      <text x={width + WALL + 0.3} y={floor - pot.level + 0.4} fontSize="1.15" fill="var(--ink)">
        in
      </text>
      {Math.abs(pot.level - pot.levelAtEnd) > 1.2 && (
        <text x={width + WALL + 0.3} y={floor - pot.levelAtEnd + 0.4} fontSize="1.15" fill="var(--ink)">
          end
        </text>
      )}
    </svg>
  );
}
