import { type PointerEvent, useRef } from "react";
import { useDrag } from "../kit/useDrag";

/** Moved by less, it was pressed. */
const STILL = 4;

/** Things of a drawing that are moved sideways: which is held and how far it is, and a call when it is let go or was only pressed. */
export function useMoving<T>(onMove: (what: T, by: number) => void, onPress: (what: T) => void) {
  const moving = useRef<{ what: T; x: number } | null>(null);
  const drag = useDrag((where) => {
    const held = moving.current;
    moving.current = null;
    if (held !== null) {
      const by = where.x - held.x;
      Math.abs(by) > STILL ? onMove(held.what, by) : onPress(held.what);
    }
  });
  const holding = (what: T) => ({
    ...drag.handle,
    onPointerDown: (event: PointerEvent<Element>) => {
      drag.handle.onPointerDown(event);
      const matrix = drag.svg.current?.getScreenCTM()?.inverse();
      moving.current = { what, x: new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix).x };
    },
  });
  const shift = (is: (what: T) => boolean) =>
    drag.at !== null && moving.current !== null && is(moving.current.what) ? drag.at.x - moving.current.x : 0;
  return { svg: drag.svg, holding, shift };
}
