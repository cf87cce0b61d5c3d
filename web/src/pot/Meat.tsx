import type { PotView } from "../api/types";

/** Longer than this over its thickness, a piece on the bone is a shank or a leg. */
const LEG = 1.55;
/** Smaller pieces are cubes, cm. */
const CUBE = 5;

/** A leg: thick end left, bone right; as it turns tender the meat draws back from the bone and its fibres open. Drawn 10.2 by 5.1. */
function Leg({ tender, back }: { tender: number; back: boolean }) {
  const end = 8.1 - 1.2 * tender;
  const line = { stroke: "var(--meat-dark)", fill: "none" };
  return (
    <g>
      <path
        d="M3 -.6L7.6 -.55C8.6 -.55 8.9 -1.2 9.5 -1.15C10.15 -1.1 10.4 -.35 9.95 0C10.4 .35 10.15 1.1 9.5 1.15C8.9 1.2 8.6 .55 7.6 .55L3 .6z"
        fill="var(--bone)"
        stroke="var(--bone-line)"
        strokeWidth=".1"
      />
      <path
        d={`M.05 .1C-.05 -1.7 1.2 -2.55 3.1 -2.55C5.3 -2.55 6.9 -1.8 ${end} -1C${end + 0.3} -.4 ${end + 0.3} .4 ${end} 1C6.9 1.95 5.3 2.55 3.1 2.55C1.1 2.55 0 1.7 .05 .1z`}
        fill={back ? "var(--meat-back)" : "var(--meat)"}
        stroke="var(--meat-dark)"
        strokeWidth=".1"
      />
      {!back &&
        [
          [-1.75, -0.62],
          [-0.95, -0.32],
          [-0.1, 0],
          [0.8, 0.3],
          [1.65, 0.6],
        ].map(([a = 0, b = 0], index) => (
          <path
            key={a}
            d={`M${1.1 + (index % 2) * 0.5} ${a}C3.2 ${a * 1.12} 5.4 ${(a + b) * 0.62} ${end - 0.25} ${b}`}
            {...line}
            strokeWidth={0.08 + 0.08 * tender}
            strokeDasharray={tender > 0.4 ? "1.1 .35" : "none"}
          />
        ))}
    </g>
  );
}

/** A joint or a cube, drawn in its own width and height. */
function Block({
  w,
  h,
  tender,
  back,
  tied,
  bone,
}: {
  w: number;
  h: number;
  tender: number;
  back: boolean;
  tied: boolean;
  bone: boolean;
}) {
  const line = { fill: "none", strokeWidth: Math.min(0.12, h * 0.03) };
  return (
    <g>
      <path
        d={`M0 ${h * 0.55}C${-w * 0.01} ${h * 0.1} ${w * 0.12} 0 ${w * 0.32} ${h * 0.01}C${w * 0.55} ${-h * 0.02} ${w * 0.9} 0 ${w} ${h * 0.45}C${w * 1.01} ${h * 0.9} ${w * 0.85} ${h} ${w * 0.6} ${h}H${w * 0.3}C${w * 0.08} ${h} ${w * 0.01} ${h * 0.9} 0 ${h * 0.55}z`}
        fill={back ? "var(--meat-back)" : "var(--meat)"}
        stroke="var(--meat-dark)"
        strokeWidth={Math.min(0.12, h * 0.035)}
      />
      {bone && (
        <ellipse
          cx={w * 0.5}
          cy={h * 0.52}
          rx={Math.min(1.1, w * 0.14)}
          ry={Math.min(0.9, h * 0.2)}
          fill="var(--bone)"
          stroke="var(--bone-line)"
          strokeWidth=".08"
        />
      )}
      {!back &&
        [0.28, 0.5, 0.72].map((f) => (
          <path
            key={f}
            d={`M${w * 0.1} ${h * f}C${w * 0.35} ${h * (f - 0.05)} ${w * 0.65} ${h * (f + 0.05)} ${w * 0.9} ${h * f}`}
            stroke="var(--meat-dark)"
            strokeDasharray={tender > 0.4 ? `${w * 0.12} ${w * 0.04}` : "none"}
            {...line}
          />
        ))}
      {tied &&
        !back &&
        [0.2, 0.4, 0.6, 0.8].map((f) => (
          <path
            key={f}
            d={`M${w * f} ${h * 0.04}q${w * 0.025} ${h * 0.46} 0 ${h * 0.93}`}
            stroke="var(--bone)"
            fill="none"
            strokeWidth=".14"
          />
        ))}
    </g>
  );
}

/** The pieces at their real size, in the layers they need; those behind are pale. cm, `bottom` is what they lie on. */
export function Meat({ pot, bottom, tender }: { pot: PotView; bottom: number; tender: number }) {
  const { width, pieces, layers } = pot;
  const [thick = 1, wide = 1, long = 1] = pot.piece;
  const leg = pot.bone && long / thick > LEG && thick > CUBE / 2;
  const inLayer = Math.ceil(pieces / Math.max(1, layers));
  const across = Math.max(1, Math.min(inLayer, Math.floor((width - 0.3) / (long + 0.15)) || 1));
  const deep = Math.max(1, Math.min(3, Math.ceil(inLayer / across)));
  const rise = pot.meat / Math.max(1, layers);
  const h = Math.max(0.4, Math.min(thick, rise) * 0.98);
  const w = Math.min(long, width - 0.4);
  const slot = width / across;
  const drawn: { x: number; y: number; back: boolean; flip: boolean; key: string }[] = [];
  for (let layer = 0; layer < layers; layer += 1) {
    const left = Math.min(inLayer, pieces - layer * inLayer);
    for (let row = Math.min(deep, Math.ceil(left / across)) - 1; row >= 0; row -= 1) {
      const here = Math.min(across, left - row * across);
      for (let index = 0; index < here; index += 1) {
        const shift = row === 0 ? 0 : slot * 0.28 * (index % 2 === 0 ? 1 : -1) * (here > 1 ? 1 : 0.4);
        const place = here < across ? (width / here) * (index + 0.5) : slot * (index + 0.5);
        drawn.push({
          x: Math.max(0.15, Math.min(width - w - 0.15, place - w / 2 + shift)),
          y: bottom - layer * rise - h,
          back: row > 0,
          flip: index >= here / 2,
          key: `${layer} ${row} ${index}`,
        });
      }
    }
  }
  const tied = pieces === 1 && wide > 6;
  return (
    <g>
      {drawn.map((one) =>
        leg ? (
          <g
            key={one.key}
            transform={`translate(${one.flip ? one.x + w : one.x} ${one.y + h / 2}) scale(${((one.flip ? -1 : 1) * w) / 10.2} ${h / 5.1})`}
          >
            <Leg tender={tender} back={one.back} />
          </g>
        ) : (
          <g key={one.key} transform={`translate(${one.x} ${one.y})`}>
            <Block w={w} h={h} tender={tender} back={one.back} tied={tied} bone={pot.bone && thick > 2} />
          </g>
        ),
      )}
    </g>
  );
}
