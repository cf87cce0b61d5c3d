import { DayPicker } from "react-day-picker";
import { KEY } from "./Stepper";

/** A month to take a day from; loaded when it is opened. */
export function DaySheet({ at, onPick }: { at: Date | null; onPick: (day: Date) => void }) {
  return (
    <DayPicker
      mode="single"
      required
      autoFocus
      weekStartsOn={1}
      selected={at ?? undefined}
      defaultMonth={at ?? new Date()}
      onSelect={onPick}
      classNames={{
        months: "relative",
        month_caption: "flex h-11 items-center text-lg font-bold text-rim",
        nav: "absolute top-0 right-0 flex gap-2",
        button_previous: KEY,
        button_next: KEY,
        chevron: "size-4 fill-rim",
        weekday: "pb-1 text-sm font-normal text-soft",
        day: "p-0 text-center tabular-nums",
        day_button: "size-11 rounded-lg hover:bg-sunk",
        today: "font-bold text-rim",
        selected: "rounded-lg bg-rim font-bold text-on-rim [&_button:hover]:bg-transparent",
        outside: "text-soft",
      }}
    />
  );
}
