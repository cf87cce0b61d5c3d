import { useRef } from "react";

/** Text that is marked for a moment when it changes, but not when it first appears. */
export function Moved({ children, className = "" }: { children: string; className?: string }) {
  const first = useRef(children);
  const moved = useRef(false);
  if (children !== first.current) {
    moved.current = true;
  }
  return (
    <span key={children} className={`${moved.current ? "moved" : ""} ${className}`}>
      {children}
    </span>
  );
}
