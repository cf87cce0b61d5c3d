import type { TroubleView } from "../api/types";

/** What may be wrong with it, and what to do about it in this pot. */
export function Troubles({ troubles }: { troubles: TroubleView[] }) {
  return (
    <details className="mt-1">
      <summary className="link inline-flex min-h-11 cursor-pointer items-center text-lg">
        Something is wrong with it
      </summary>
      <dl className="grid gap-x-4 sm:grid-cols-[8rem_minmax(0,1fr)]">
        {troubles.map((one) => (
          <div key={one.code} className="border-t border-line py-1.5 sm:contents">
            <dt className="font-bold sm:border-t sm:border-line sm:py-1.5">{one.label}</dt>
            <dd className="sm:border-t sm:border-line sm:py-1.5">{one.text}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
