import { type ReactNode, useEffect, useRef } from "react";
import { useNavigationType } from "react-router";

/** The heading of a place: it has the focus on arriving, so that it is announced and the Tab key goes on from it. */
export function PlaceHeading({ children, className = "" }: { children: ReactNode; className?: string }) {
  const heading = useRef<HTMLHeadingElement>(null);
  const arrived = useNavigationType();
  // biome-ignore lint/correctness/useExhaustiveDependencies: on arriving only
  useEffect(() => {
    if (arrived !== "POP") {
      window.scrollTo(0, 0);
      heading.current?.focus({ preventScroll: true });
    }
  }, []);
  return (
    <h2 ref={heading} tabIndex={-1} className={className}>
      {children}
    </h2>
  );
}
