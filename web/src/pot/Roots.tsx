import type { RootView } from "../api/types";

type Kind = "round" | "half" | "wedge" | "bean" | "pale";

const KINDS: [RegExp, Kind][] = [
  [/onion|shallot|garlic/, "half"],
  [/bean|lentil|pea|barley|rice|chickpea|prune|olive|raisin|apricot/, "bean"],
  [/fennel|celery|leek|cabbage|pepper|chard|spinach|artichoke|pak|broccoli/, "wedge"],
  [/potato|parsnip|celeriac|turnip|mushroom|apple|pear|swede|squash/, "pale"],
];

const kindOf = (food: string): Kind => KINDS.find(([words]) => words.test(food))?.[1] ?? "round";

/** As many of each as its share, mixed evenly. */
function mixed(roots: RootView[], count: number): Kind[] {
  const owed = roots.map(() => 0);
  return Array.from({ length: count }, () => {
    roots.forEach((root, index) => {
      owed[index] = (owed[index] ?? 0) + root.share;
    });
    const next = owed.indexOf(Math.max(...owed));
    owed[next] = (owed[next] ?? 0) - 1;
    return kindOf(roots[next]?.food ?? "");
  });
}

function Root({ kind, x, y, r }: { kind: Kind; x: number; y: number; r: number }) {
  const line = { strokeWidth: 0.09 };
  if (kind === "half") {
    const bow = (share: number) =>
      `M${x - r * share} ${y + r * 0.6}a${r * share} ${r * 1.35 * share} 0 0 1 ${2 * r * share} 0`;
    return (
      <g stroke="var(--onion-line)" {...line}>
        <path d={`${bow(1)}z`} fill="var(--onion)" />
        <path d={bow(0.68)} fill="none" />
        <path d={bow(0.38)} fill="none" />
      </g>
    );
  }
  if (kind === "wedge") {
    return (
      <g stroke="var(--green-food-line)" {...line}>
        <path
          d={`M${x - r * 0.95} ${y + r * 0.9}Q${x - r * 1.1} ${y - r * 0.4} ${x - r * 0.1} ${y - r}Q${x + r * 1.2} ${y - r * 0.6} ${x + r} ${y + r * 0.9}z`}
          fill="var(--green-food)"
        />
        {[-0.5, 0, 0.5].map((f) => (
          <path
            key={f}
            d={`M${x + f * r * 0.2} ${y - r * 0.8}Q${x + f * r * 0.7} ${y} ${x + f * r * 1.25} ${y + r * 0.85}`}
            fill="none"
          />
        ))}
      </g>
    );
  }
  if (kind === "bean") {
    return (
      <g stroke="var(--bone-line)" {...line} fill="var(--pulse-food)">
        {[
          [-0.5, 0.45],
          [0.5, 0.5],
          [0, -0.35],
        ].map(([dx = 0, dy = 0]) => (
          <ellipse key={dx} cx={x + dx * r} cy={y + dy * r} rx={r * 0.5} ry={r * 0.33} />
        ))}
      </g>
    );
  }
  return (
    <g stroke="var(--root-line)" {...line}>
      <circle cx={x} cy={y} r={r} fill={kind === "pale" ? "var(--pulse-food)" : "var(--carrot)"} />
      {kind === "round" && <circle cx={x} cy={y} r={r * 0.45} fill="none" />}
    </g>
  );
}

/** What lies with the meat, at its height and mixed by its shares; cm. */
export function Roots({
  roots,
  width,
  bottom,
  height,
}: {
  roots: RootView[];
  width: number;
  bottom: number;
  height: number;
}) {
  if (height <= 0.05 || roots.length === 0) {
    return null;
  }
  const r = Math.min(0.98, height / 2);
  const rows = Math.max(1, Math.round(height / (2 * r)));
  const across = Math.max(1, Math.floor((width - 0.4) / (2.12 * r)));
  const kinds = mixed(roots, rows * across);
  const step = (width - 0.5 - 2 * r) / Math.max(1, across - 1);
  const back = mixed(roots, across - 1).reverse();
  return (
    <g>
      <g opacity=".45">
        {back.map((kind, index) => (
          <Root
            // biome-ignore lint/suspicious/noArrayIndexKey: drawn roots have no identity
            key={index}
            kind={kind}
            x={0.25 + r + (index + 0.5) * step}
            y={bottom - Math.max(r, height - r * 0.85)}
            r={r * 0.86}
          />
        ))}
      </g>
      {kinds.map((kind, index) => {
        const row = Math.floor(index / across);
        const x = 0.25 + r + (index % across) * step + (row % 2) * step * 0.3;
        return (
          <Root
            // biome-ignore lint/suspicious/noArrayIndexKey: drawn roots have no identity
            key={index}
            kind={kind}
            x={Math.min(width - r - 0.2, x)}
            y={bottom - r - 0.05 - row * ((height - 2 * r) / Math.max(1, rows - 1 || 1))}
            r={r * 0.96}
          />
        );
      })}
    </g>
  );
}
