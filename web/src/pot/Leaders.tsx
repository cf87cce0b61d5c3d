import { type RefObject, useLayoutEffect, useState } from "react";

export type Target = { x: number; y: number };

/** Thin lines from figures, found by what they belong to, into their places in the picture; both within one container. */
export function Leaders({
  container,
  picture,
  targets,
}: {
  container: RefObject<HTMLDivElement | null>;
  picture: RefObject<HTMLDivElement | null>;
  targets: Record<string, Target>;
}) {
  const [paths, setPaths] = useState<{ name: string; d: string; at: Target }[]>([]);
  const key = JSON.stringify(targets);
  useLayoutEffect(() => {
    const [outer, inner] = [container.current, picture.current];
    if (outer === null || inner === null) {
      return;
    }
    const draw = () => {
      const base = outer.getBoundingClientRect();
      const drawing = inner.getBoundingClientRect();
      const found = Object.entries(JSON.parse(key) as Record<string, Target>).flatMap(([name, target]) => {
        const figure = outer.querySelector(`[data-leads="${name}"]`)?.getBoundingClientRect();
        if (figure === undefined) {
          return [];
        }
        const at = { x: drawing.left - base.left + target.x, y: drawing.top - base.top + target.y };
        const fromLeft = figure.right - base.left < at.x;
        const x = fromLeft ? figure.right - base.left + 4 : figure.left - base.left - 4;
        const y = figure.top - base.top + 16;
        const bend = fromLeft ? drawing.left - base.left + 6 : drawing.right - base.left - 6;
        return [
          {
            name,
            at,
            d: `M${x} ${y}H${fromLeft ? Math.min(bend, at.x - 8) - 10 : Math.max(bend, at.x + 8) + 4}L${at.x} ${at.y}`,
          },
        ];
      });
      setPaths(found);
    };
    draw();
    const observer = new ResizeObserver(draw);
    observer.observe(outer);
    return () => observer.disconnect();
  }, [container, picture, key]);
  return (
    <svg aria-hidden="true" className="pointer-events-none absolute inset-0 size-full overflow-visible">
      {paths.map((path) => (
        <g key={path.name}>
          <path d={path.d} fill="none" stroke="var(--rim)" strokeWidth="1.2" />
          <circle cx={path.at.x} cy={path.at.y} r="3.6" fill="var(--panel)" stroke="var(--rim)" strokeWidth="1.5" />
        </g>
      ))}
    </svg>
  );
}
