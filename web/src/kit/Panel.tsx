import { type ReactNode, useId } from "react";

/** A part of a page under its own heading and a rule; no box. */
export function Panel({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="min-w-0">
      <header className="flex flex-wrap items-baseline justify-between gap-x-3 border-b-2 border-rim">
        <h2 id={id} className="text-lg font-bold text-rim">
          {title}
        </h2>
        {aside}
      </header>
      <div className="pt-2">{children}</div>
    </section>
  );
}
