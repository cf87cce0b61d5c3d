import type { OwnSide } from "../api/types";
import { Button } from "../kit/Button";
import { INPUT } from "../kit/TextField";

const WHERE = [
  { value: "ring", label: "on a ring" },
  { value: "oven", label: "in the oven" },
  { value: "neither", label: "by itself" },
];
const TIMES = [
  { field: "work", name: "Working time" },
  { field: "cooking", name: "Cooking time" },
] as const;
const MOST = 10;

type Props = {
  sides: OwnSide[];
  problem: (path: string) => string | undefined;
  onChange: (sides: OwnSide[]) => void;
};

/** Side dishes of the cook's own: some work with the hands, then some cooking. */
export function OwnSides({ sides, problem, onChange }: Props) {
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
          {TIMES.map(({ field, name }) => (
            <input
              key={field}
              aria-label={`${name} of own side dish ${index + 1}`}
              aria-invalid={problem(`ownSides.${index}.${field}`) ? true : undefined}
              className={INPUT}
              value={side[field]}
              maxLength={60}
              onChange={(event) => set(index, { [field]: event.target.value })}
            />
          ))}
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
          {TIMES.map(({ field }) => problem(`ownSides.${index}.${field}`)).map(
            (said) =>
              said && (
                <p key={said} role="status" className="col-span-4 text-sm font-semibold text-heat">
                  ▲ {said}
                </p>
              ),
          )}
        </div>
      ))}
      {sides.length > 0 && <p className="text-sm text-soft">what, how long the work takes, how long it cooks, where</p>}
      {sides.length < MOST && (
        <Button
          weight="quiet"
          className="px-1 text-sm"
          onClick={() => onChange([...sides, { name: "", work: "10 min", cooking: "30 min", where: "ring" }])}
        >
          Add a side dish of your own
        </Button>
      )}
    </div>
  );
}
