import type { OwnSide } from "../api/types";
import { Button } from "../kit/Button";
import { INPUT } from "../kit/TextField";

const WHERE = [
  { value: "ring", label: "on a ring" },
  { value: "oven", label: "in the oven" },
  { value: "neither", label: "by itself" },
];
const MOST = 10;

const minutes = (typed: string) => Math.min(240, Math.max(0, Number.parseInt(typed, 10) || 0));

/** Side dishes of the cook's own: some work with the hands, then some cooking. */
export function OwnSides({ sides, onChange }: { sides: OwnSide[]; onChange: (sides: OwnSide[]) => void }) {
  const set = (index: number, part: Partial<OwnSide>) =>
    onChange(sides.map((side, at) => (at === index ? { ...side, ...part } : side)));
  return (
    <div className="my-2">
      {sides.map((side, index) => (
        <div
          // biome-ignore lint/suspicious/noArrayIndexKey: own dishes have no other identity
          key={index}
          className="mb-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.6fr)_auto] items-center gap-2"
        >
          <input
            aria-label={`Own side dish ${index + 1}`}
            placeholder="what it is"
            className={`${INPUT} col-span-4`}
            value={side.name}
            maxLength={60}
            onChange={(event) => set(index, { name: event.target.value })}
          />
          <input
            aria-label={`Minutes of work for own side dish ${index + 1}`}
            inputMode="numeric"
            className={INPUT}
            value={side.work}
            onChange={(event) => set(index, { work: minutes(event.target.value) })}
          />
          <input
            aria-label={`Minutes of cooking for own side dish ${index + 1}`}
            inputMode="numeric"
            className={INPUT}
            value={side.cooking}
            onChange={(event) => set(index, { cooking: minutes(event.target.value) })}
          />
          <select
            aria-label={`Where own side dish ${index + 1} cooks`}
            className={INPUT}
            value={side.where}
            onChange={(event) => set(index, { where: event.target.value })}
          >
            {WHERE.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
          <Button
            weight="quiet"
            className="px-1 text-sm"
            aria-label={`remove own side dish ${index + 1}`}
            onClick={() => onChange(sides.filter((_, at) => at !== index))}
          >
            remove
          </Button>
        </div>
      ))}
      {sides.length > 0 && <p className="text-sm text-soft">what, minutes of work, minutes of cooking, where</p>}
      {sides.length < MOST && (
        <Button
          weight="quiet"
          className="px-1 text-sm"
          onClick={() => onChange([...sides, { name: "", work: 10, cooking: 30, where: "ring" }])}
        >
          Add a side dish of your own
        </Button>
      )}
    </div>
  );
}
