import { type ReactNode, useId } from "react";

/** An enamelled panel: a dark-blue rim with its title set into it. */
export function Panel({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="min-w-0 rounded-xl border-2 border-rim bg-panel">
      <header className="flex min-h-11 flex-wrap items-center justify-between gap-x-3 rounded-t-[9px] border-b-2 border-rim px-4">
        <h2 id={id} className="text-base font-bold text-rim">
          {title}
        </h2>
        {aside}
      </header>
      <div className="p-4">{children}</div>
    </section>
  );
}
