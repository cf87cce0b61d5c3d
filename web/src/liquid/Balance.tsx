import type { SumView } from "../api/types";

const WIDTH = 100;

/** What goes in and comes out of the food, and under it what leaves: two bars on one scale, and the sauce between. */
export function Balance({ sum }: { sum: SumView }) {
  const comes = sum.terms.filter((term) => term.number > 0);
  const leaves = sum.terms.filter((term) => term.number < 0);
  const most = comes.reduce((total, term) => total + term.number, 0);
  if (most <= 0) {
    return null;
  }
  const bars = (terms: typeof comes) => {
    let x = 0;
    return terms.map((term) => {
      const width = (WIDTH * Math.abs(term.number)) / most;
      x += width;
      return { term, x: x - width, width };
    });
  };
  const looks = ["var(--liquid)", "var(--meat)", "var(--root)", "var(--done)"];
  return (
    <figure className="my-2">
      <svg viewBox={`0 0 ${WIDTH} 15`} className="block h-auto w-full" aria-hidden="true">
        {bars(comes).map(({ term, x, width }, index) => (
          <rect
            key={term.text + term.rule}
            x={x}
            y={0}
            width={Math.max(0.2, width - 0.3)}
            height={6}
            fill={looks[Math.min(index, looks.length - 1)]}
          />
        ))}
        {bars(leaves).map(({ term, x, width }) => (
          <rect
            key={term.text + term.rule}
            x={WIDTH - x - width}
            y={7.5}
            width={Math.max(0.2, width - 0.3)}
            height={3}
            fill="none"
            stroke="var(--soft)"
            strokeDasharray="1 .7"
            strokeWidth=".4"
          />
        ))}
        <path d={`M0 13 H${(WIDTH * Math.max(0, sum.number)) / most}`} stroke="var(--rim)" strokeWidth="2.5" />
      </svg>
      <figcaption className="text-sm text-soft">
        In: {comes.map((term) => `${term.text} ${term.value.replace("+ ", "")}`).join(", ")}.{" "}
        {leaves.length > 0 &&
          `Away: ${leaves.map((term) => `${term.text} ${term.value.replace(/^[−-] ?/, "")}`).join(", ")}. `}
        <strong className="text-ink">Sauce: {sum.total}</strong>
      </figcaption>
    </figure>
  );
}
