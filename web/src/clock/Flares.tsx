import { type RefObject, useEffect, useState } from "react";
import type { RibbonView } from "../api/types";
import { ribbonScale, type Stretch } from "./clockScale";

const HEIGHT = 26;

/** Columns hung from their stretches of the ribbon above: curves from each stretch to the edges of its column. */
export function Flares({
  ribbon,
  stretches,
  columns,
}: {
  ribbon: RibbonView;
  stretches: (Stretch | null)[];
  columns: RefObject<HTMLDivElement | null>;
}) {
  const [edges, setEdges] = useState<{ width: number; columns: [number, number][] }>({ width: 0, columns: [] });
  useEffect(() => {
    const grid = columns.current;
    if (grid === null) {
      return;
    }
    const measure = () => {
      const base = grid.getBoundingClientRect();
      setEdges({
        width: base.width,
        columns: [...grid.children].map((child) => {
          const box = child.getBoundingClientRect();
          return [box.left - base.left, box.right - base.left];
        }),
      });
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(grid);
    return () => observer.disconnect();
  }, [columns]);
  const scale = ribbonScale(ribbon, 2, Math.max(240, edges.width) - 2);
  return (
    <svg aria-hidden="true" width={Math.max(1, edges.width)} height={HEIGHT} className="block max-w-full">
      {stretches.map((stretch, index) => {
        const column = edges.columns[index];
        if (stretch === null || column === undefined) {
          return null;
        }
        const [a, b] = [scale.x(stretch.from), scale.x(stretch.to)];
        const [left, right] = column;
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: the columns keep their order
            key={index}
            d={`M${a} 0C${a} 16 ${left} 6 ${left} ${HEIGHT}H${right}C${right} 6 ${b} 16 ${b} 0`}
            fill="var(--sunk)"
            fillOpacity=".7"
            stroke="var(--rim)"
            strokeWidth="1.2"
          />
        );
      })}
    </svg>
  );
}
