import { useLayoutEffect, useRef } from "react";

/** Tells the page how high the strip is, so that nothing that sticks or takes the focus is under it. */
export function useStripHeight() {
  const strip = useRef<HTMLElement>(null);
  useLayoutEffect(() => {
    const here = strip.current;
    if (here === null) {
      return;
    }
    const tell = () => document.documentElement.style.setProperty("--strip", `${here.offsetHeight}px`);
    tell();
    const observer = new ResizeObserver(tell);
    observer.observe(here);
    return () => {
      observer.disconnect();
      document.documentElement.style.removeProperty("--strip");
    };
  });
  return strip;
}
