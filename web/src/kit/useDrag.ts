import { type PointerEvent, useRef, useState } from "react";

type Point = { x: number; y: number };

/** Where a pointer is in the units of an SVG's own drawing. */
function inDrawing(svg: SVGSVGElement, event: PointerEvent): Point {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
  return { x: point.x, y: point.y };
}

/** Dragging within an SVG: where the pointer is while it is held, and a call when it is let go. */
export function useDrag(onDrop: (at: Point) => void) {
  const svg = useRef<SVGSVGElement>(null);
  const [at, setAt] = useState<Point | null>(null);
  const handle = {
    onPointerDown: (event: PointerEvent<Element>) => {
      if (svg.current) {
        event.currentTarget.setPointerCapture(event.pointerId);
        setAt(inDrawing(svg.current, event));
      }
    },
    onPointerMove: (event: PointerEvent<Element>) => {
      if (at !== null && svg.current) {
        setAt(inDrawing(svg.current, event));
      }
    },
    onPointerUp: (event: PointerEvent<Element>) => {
      if (at !== null && svg.current) {
        const where = inDrawing(svg.current, event);
        setAt(null);
        onDrop(where);
      }
    },
    onPointerCancel: () => setAt(null),
    style: { touchAction: "none" as const },
  };
  return { svg, at, handle };
}
