import { Popover } from "radix-ui";
import { lazy, Suspense, useState } from "react";
import { KEY } from "./Stepper";

const DaySheet = lazy(() => import("./DaySheet").then((sheet) => ({ default: sheet.DaySheet })));

const SHORT = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short" });
const WHOLE = new Intl.DateTimeFormat("en-GB", { weekday: "long", day: "numeric", month: "long", year: "numeric" });

/** Noon of a day written YYYY-MM-DD, in this browser's zone; null where it is none. */
function noonOf(day: string): Date | null {
  const at = new Date(`${day}T12:00`);
  return Number.isNaN(at.getTime()) ? null : at;
}

const written = (at: Date) =>
  [at.getFullYear(), at.getMonth() + 1, at.getDate()].map((part) => String(part).padStart(2, "0")).join("-");

/** A day, written as the house writes it: a step to either side, or from a month's sheet. */
export function DayField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (day: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const at = noonOf(value);
  const step = (days: number) => {
    const from = at ?? new Date();
    onChange(written(new Date(from.getFullYear(), from.getMonth(), from.getDate() + days, 12)));
  };
  return (
    <div className="flex flex-wrap items-center gap-x-2">
      <span className="mr-auto text-sm">{label}</span>
      <button type="button" className={KEY} aria-label={`${label}: a day sooner`} onClick={() => step(-1)}>
        −
      </button>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger
          className="figure min-w-24 text-center text-lg"
          title={at === null ? undefined : WHOLE.format(at)}
        >
          <span className="sr-only">{label}: </span>
          {at === null ? "which day?" : SHORT.format(at)}
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            collisionPadding={12}
            className="z-40 rounded-lg border-2 border-rim bg-panel p-3 shadow-lg"
          >
            <Suspense fallback={<p className="p-4 text-soft">The month …</p>}>
              <DaySheet
                at={at}
                onPick={(picked) => {
                  onChange(written(picked));
                  setOpen(false);
                }}
              />
            </Suspense>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <button type="button" className={KEY} aria-label={`${label}: a day later`} onClick={() => step(1)}>
        +
      </button>
    </div>
  );
}
