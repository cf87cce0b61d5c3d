import { useId } from "react";
import { useHouse } from "../api/queries";
import type { PotView } from "../api/types";
import { Meat } from "./Meat";
import { Roots } from "./Roots";

const RIGHT_FILL = 0.75;
const INCH = 2.54;
/** cm: the wall, what the lid needs over the rim, and the floor under the pot. */
const WALL = 0.95;
const LID = 3;
const FLOOR = 1.6;

export type PotGeometry = {
  scale: number;
  left: number;
  top: number;
  y: (height: number) => number;
  width: number;
  height: number;
};

/** Where the insert stands in a drawing so many px wide and at most so high. */
export function potGeometry(
  pot: { depth: number; width: number },
  width: number,
  most: number,
  margin: number,
): PotGeometry {
  const scale = Math.min((width - 2 * margin) / (pot.width + 2 * WALL + 1), most / (pot.depth + LID + FLOOR));
  const top = LID * scale;
  return {
    scale,
    left: (width - pot.width * scale) / 2,
    top,
    y: (height) => top + (pot.depth - height) * scale,
    width,
    height: (pot.depth + LID + FLOOR) * scale,
  };
}

/**
 * The insert cut open along its length, to scale: roots, meat, liquid as it stands, at the end and before the last change; fat, heat, lid.
 */
export function PotPicture({
  pot,
  geometry,
  level,
  end = null,
  was = null,
  tender = 0,
  fat = 0,
  heat = 0,
  lid = true,
  quiet = false,
  filled = true,
}: {
  pot: PotView;
  geometry: PotGeometry;
  level: number;
  end?: number | null;
  was?: number | null;
  tender?: number;
  fat?: number;
  heat?: number;
  lid?: boolean | "lifted";
  quiet?: boolean;
  /** Whether the line to fill to is drawn. */
  filled?: boolean;
}) {
  const us = useHouse().data?.draft.units === "us";
  const id = useId().replaceAll(":", "");
  const { scale: s, left, top, y } = geometry;
  const [w, d] = [pot.width * s, pot.depth * s];
  const bottom = top + d;
  const wall = WALL * s;
  const r = 2.1 * s;
  const ro = r + wall * 0.8;
  const inner = `M${left} ${top}V${bottom - r}Q${left} ${bottom} ${left + r} ${bottom}H${left + w - r}Q${left + w} ${bottom} ${left + w} ${bottom - r}V${top}z`;
  const outer = `M${left - wall} ${top}V${bottom + wall - ro}Q${left - wall} ${bottom + wall} ${left - wall + ro} ${bottom + wall}H${left + w + wall - ro}Q${left + w + wall} ${bottom + wall} ${left + w + wall} ${bottom + wall - ro}V${top}z`;
  const full = Math.max(level, pot.vegetables + pot.meat) > (RIGHT_FILL - 0.04) * pot.depth;
  const under = pot.order === "meat-under";
  const unit = us ? INCH : 1;
  const marks = Array.from({ length: Math.floor(pot.depth / unit) }, (_, index) => index + 1).filter(
    (mark) => mark * unit < pot.depth - 0.3,
  );
  const lidLeft = left - wall - 0.3 * s;
  const lidWidth = w + 2 * wall + 0.6 * s;
  const line = (height: number, look: object) => (
    <path d={`M${left} ${y(height)}h${w}`} stroke="var(--liquid-line)" {...look} />
  );
  return (
    <g>
      <defs>
        <clipPath id={`in-${id}`}>
          <path d={inner} />
        </clipPath>
        <pattern id={`wet-${id}`} width="22" height="9" patternUnits="userSpaceOnUse">
          <path d="M1 3h9M13 7.5h7" stroke="var(--liquid-line)" strokeWidth="1.1" opacity=".55" />
        </pattern>
        <pattern id={`fat-${id}`} width="7" height="5" patternUnits="userSpaceOnUse">
          <rect width="7" height="5" fill="var(--fat)" />
          <circle cx="2" cy="2.4" r="1.1" fill="var(--liquid-line)" />
        </pattern>
      </defs>
      {Array.from({ length: heat }, (_, index) => {
        const q = wall + 5 + index * 6.5;
        const from = bottom - 4.4 * s;
        return (
          <path
            key={q}
            d={`M${left - q} ${from}V${bottom + wall - ro}Q${left - q} ${bottom + q} ${left - q + ro + (q - wall)} ${bottom + q}M${left + w + q} ${from}V${bottom + wall - ro}Q${left + w + q} ${bottom + q} ${left + w + q - ro - (q - wall)} ${bottom + q}`}
            fill="none"
            stroke="var(--heat)"
            strokeWidth="3.2"
            strokeLinecap="round"
          />
        );
      })}
      <path d={outer} fill="var(--wall)" />
      <path d={inner} fill="var(--panel)" />
      <g clipPath={`url(#in-${id})`}>
        {end !== null && end > level && (
          <rect x={left} y={y(end)} width={w} height={(end - level) * s} fill={`url(#wet-${id})`} opacity=".45" />
        )}
        <rect x={left} y={y(level)} width={w} height={Math.max(0, level * s)} fill="var(--liquid)" opacity=".3" />
        <g transform={`translate(${left} ${bottom}) scale(${s})`}>
          <Roots roots={pot.roots} width={pot.width} bottom={under ? -pot.meat : 0} height={pot.vegetables} />
          <Meat pot={pot} bottom={under ? 0 : -pot.vegetables} tender={tender} />
          {pot.leaves.length > 0 && <Leaves x={pot.width / 2} y={-Math.max(level, pot.vegetables + 0.5) - 0.3} />}
        </g>
        <rect x={left} y={y(level)} width={w} height={Math.max(0, level * s)} fill="var(--liquid)" opacity=".22" />
        <rect x={left} y={y(level)} width={w} height={Math.max(0, level * s)} fill={`url(#wet-${id})`} />
        {fat > 0.02 && (
          <rect x={left} y={y(level + fat) - 1} width={w} height={Math.max(4, fat * s + 1)} fill={`url(#fat-${id})`} />
        )}
        {level > 0 && line(level, { strokeWidth: 2.4 })}
        {end !== null && Math.abs(end - level) > 0.1 && line(end, { strokeWidth: 2, strokeDasharray: "9 6" })}
        {was !== null && Math.abs(was - level) > 0.1 && (
          <path d={`M${left} ${y(was)}h${w}`} stroke="var(--rim)" strokeWidth="1.7" strokeDasharray="2 5" />
        )}
      </g>
      <path
        d={`M${left - wall - 0.5 * s} ${top - 1}h${wall + 0.5 * s}v${0.55 * s}h${-wall}q${-0.5 * s} 0 ${-0.5 * s} ${-0.55 * s}zM${left + w + wall + 0.5 * s} ${top - 1}h${-wall - 0.5 * s}v${0.55 * s}h${wall}q${0.5 * s} 0 ${0.5 * s} ${-0.55 * s}z`}
        fill="var(--wall)"
      />
      {!quiet && (
        <g>
          {marks.map((mark) =>
            mark % 2 === 0 && wall > 12 ? (
              <text
                key={mark}
                x={left + w + wall / 2}
                y={y(mark * unit) + 4.5}
                fontSize="12"
                fontWeight="600"
                textAnchor="middle"
                style={{ fill: "var(--on-wall)" }}
              >
                {mark}
              </text>
            ) : (
              <path
                key={mark}
                d={`M${left + w + 2} ${y(mark * unit)}h${wall * 0.45}`}
                stroke="var(--on-wall)"
                strokeWidth="1.4"
              />
            ),
          )}
          {filled && <path d={`M${left} ${y(pot.depth * RIGHT_FILL)}h16`} stroke="var(--heat)" strokeWidth="3" />}
          {filled && !full && (
            <text x={left + 21} y={y(pot.depth * RIGHT_FILL) + 4.5} fontSize="12.5" style={{ fill: "var(--heat)" }}>
              {w < 400 ? "¾" : "¾: fill no higher"}
            </text>
          )}
        </g>
      )}
      {lid && (
        <g
          transform={
            lid === "lifted" ? `rotate(4 ${lidLeft + lidWidth / 2} ${top}) translate(0 ${-1.2 * s})` : undefined
          }
        >
          <path
            d={`M${lidLeft} ${top - 3}C${lidLeft + lidWidth * 0.08} ${top - 1.1 * s} ${lidLeft + lidWidth * 0.26} ${top - 1.75 * s} ${lidLeft + lidWidth / 2} ${top - 1.75 * s}S${lidLeft + lidWidth * 0.92} ${top - 1.1 * s} ${lidLeft + lidWidth} ${top - 3}`}
            fill="var(--panel)"
            fillOpacity=".62"
            stroke="var(--wall)"
            strokeWidth={Math.max(2.5, 0.24 * s)}
            strokeLinecap="round"
          />
          <path
            d={`M${lidLeft + lidWidth / 2 - 1.2 * s} ${top - 2.35 * s}h${2.4 * s}`}
            stroke="var(--wall)"
            strokeWidth={0.55 * s}
            strokeLinecap="round"
          />
          <path
            d={`M${lidLeft + lidWidth / 2} ${top - 2.2 * s}v${0.5 * s}`}
            stroke="var(--wall)"
            strokeWidth={0.7 * s}
          />
        </g>
      )}
      <path
        d={`M${left - 2.6 * wall} ${bottom + wall + 1}H${left + w + 2.6 * wall}`}
        stroke="var(--rim)"
        strokeWidth="2.5"
      />
    </g>
  );
}

/** Herbs that come out again. */
function Leaves({ x, y }: { x: number; y: number }) {
  return (
    <g>
      {[
        [-1.15, -18],
        [0.4, 14],
      ].map(([dx = 0, turn = 0]) => (
        <g key={dx} transform={`translate(${x + dx - 0.6} ${y}) rotate(${turn})`}>
          <path d="M-1.1 0Q0 -.85 1.3 0Q0 .85 -1.1 0z" fill="var(--leaf)" stroke="var(--panel)" strokeWidth=".08" />
          <path d="M-1.1 0H1.2" stroke="var(--panel)" strokeWidth=".09" />
        </g>
      ))}
    </g>
  );
}
