/** Whether a job is done, to be said by one press: a ring that is filled when it is. */
export function Ticked({
  done,
  due,
  label,
  large = false,
  onChange,
}: {
  done: boolean;
  /** Its time has come, and nobody has said anything else. */
  due: boolean;
  label: string;
  large?: boolean;
  onChange: (done: boolean) => void;
}) {
  return (
    <button
      type="button"
      aria-pressed={done}
      className={`inline-flex ${large ? "size-11" : "size-6"} shrink-0 items-center justify-center rounded-full border-2 font-bold ${
        done ? "border-done bg-done text-panel" : due ? "border-done text-done" : "border-edge text-transparent"
      } hover:border-rim`}
      onClick={() => onChange(!done)}
    >
      <span aria-hidden="true">{done ? "✓" : due ? "·" : ""}</span>
      <span className="sr-only">done: {label}</span>
    </button>
  );
}
