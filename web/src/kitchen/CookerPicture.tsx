import type { CookerView } from "../api/types";

/** The inside of a cooker from above and cut open, both to one scale in centimetres. */
export function CookerPicture({ cooker, most }: { cooker: CookerView; most: number }) {
  const { length, width, depth } = cooker;
  const gap = 3;
  return (
    <svg
      viewBox={`-1 -1 ${2 * most + gap + 2} ${most * 0.8 + 2}`}
      className="block h-32 w-full max-w-md"
      role="img"
      aria-label={`${cooker.draft.name}: ${cooker.inside}`}
    >
      <ellipse
        cx={length / 2}
        cy={width / 2}
        rx={length / 2}
        ry={width / 2}
        fill="var(--sunk)"
        stroke="var(--rim)"
        strokeWidth=".8"
      />
      <g transform={`translate(${most + gap} 0)`}>
        <path
          d={`M0 0 V${depth - 2} Q0 ${depth} 2 ${depth} H${length - 2} Q${length} ${depth} ${length} ${depth - 2} V0`}
          fill="var(--sunk)"
          stroke="var(--rim)"
          strokeWidth=".8"
        />
        <path d={`M0 ${depth / 4} H${length}`} stroke="var(--heat)" strokeWidth=".3" strokeDasharray="1 .8" />
        <text x={length / 2} y={depth / 4 - 0.5} textAnchor="middle" fontSize="2.5" fill="var(--heat)">
          ¾, the most
        </text>
      </g>
    </svg>
  );
}
