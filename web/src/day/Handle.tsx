import type { KeyboardEvent, PointerEvent, ReactNode } from "react";

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -6, PageUp: 6 };

/** What moves on the clock: within which places, how far it is from its own while it is held, and what follows. */
export type Movable = {
  range: [number, number];
  shift: number;
  drag: { onPointerDown: (event: PointerEvent<Element>) => void };
  onStep: (steps: number) => void;
};

/** Something on the clock that is dragged, or moved by arrow keys in steps, and by Page keys in six. */
export function Handle({
  label,
  text,
  x,
  range,
  shift,
  drag,
  onStep,
  onPress,
  children,
}: Movable & {
  label: string;
  text: string;
  x: number;
  onPress?: () => void;
  children: ReactNode;
}) {
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(x)}
      aria-valuemin={range[0]}
      aria-valuemax={range[1]}
      aria-valuetext={text}
      className="cursor-ew-resize"
      onKeyDown={(event: KeyboardEvent<Element>) => {
        const by = STEPS[event.key];
        const pressed = onPress !== undefined && (event.key === "Enter" || event.key === " ");
        if (by !== undefined || pressed) {
          event.preventDefault();
          by === undefined ? onPress?.() : onStep(by);
        }
      }}
      transform={`translate(${shift} 0)`}
    >
      {children}
    </g>
  );
}
