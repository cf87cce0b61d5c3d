import { useLayoutEffect, useRef, useState } from "react";

/** The width of an element in CSS pixels, as it is and as it becomes: drawings are made to it, so that their text keeps its size. */
export function useWidth<T extends Element>(first: number) {
  const element = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const here = element.current;
    if (here === null) {
      return;
    }
    const measure = () => setWidth(Math.max(200, Math.round(here.getBoundingClientRect().width)));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(here);
    return () => observer.disconnect();
  }, []);
  return [element, width] as const;
}
