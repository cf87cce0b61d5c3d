import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { useEffect, useRef, useState } from "react";
import { Problem } from "../api/Problem";
import { useHouse, useNoteWaterTest, useWaterTest } from "../api/queries";
import type { CookerView, CurvePoint, WaterTestDraft, WaterTestView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { TextField } from "../kit/TextField";

const SETTLE_MS = 400;
const HOURS = 10;
const WIDTH = 460;
const HEIGHT = 190;

const empty = (cooker: CookerView): WaterTestDraft => ({
  water: cooker.halfFull,
  start: "",
  room: "",
  readings: ["1 h", "2 h", "4 h", "8 h"].map((after) => ({ after, temperature: "" })),
  keep: false,
});

/** The guided water test: fill, switch on, read a thermometer a few times, and see how hot this cooker really runs. */
export function WaterTest({ cooker, onDone }: { cooker: CookerView; onDone: () => void }) {
  const [draft, setDraft] = useState(() => cooker.waterTest ?? empty(cooker));
  const note = useNoteWaterTest(cooker.id);
  const noted = useRef(draft);
  const keepNote = note.mutate;
  useEffect(() => {
    if (draft === noted.current) {
      return;
    }
    const timer = setTimeout(() => {
      noted.current = draft;
      keepNote(draft);
    }, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [draft, keepNote]);
  const us = useHouse().data?.draft.units === "us";
  const test = useWaterTest(cooker.id);
  const set = (part: Partial<WaterTestDraft>) => setDraft({ ...draft, ...part });
  const problem = (path: string) => (test.error instanceof Problem ? test.error.at(path) : undefined);
  const filled = draft.readings
    .map((reading, row) => ({ reading, row }))
    .filter(({ reading }) => reading.temperature.trim() !== "");
  const send = (keep: boolean) => test.mutate({ ...draft, readings: filled.map(({ reading }) => reading), keep });
  const problemAt = (row: number, field: string) => {
    const sent = filled.findIndex((one) => one.row === row);
    return sent < 0 ? undefined : problem(`readings.${sent}.${field}`);
  };
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
      <form
        className="grid content-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          send(false);
        }}
      >
        <ol className="list-decimal pl-5 text-sm text-soft">
          <li>Half fill it with cold water and note how much, and how warm the water is.</li>
          <li>Lid on, Low. Write down the time.</li>
          <li>What you write down here is kept as you go: come back to it at each reading.</li>
          <li>Lift the lid briefly now and then and read the middle of the water. Four readings or more tell most.</li>
        </ol>
        <div className="grid grid-cols-3 gap-3">
          <TextField
            label="Water"
            value={draft.water}
            problem={problem("water")}
            onChange={(water) => set({ water })}
          />
          <TextField
            label="Water at first"
            value={draft.start}
            placeholder={us ? "59 °F" : "15 °C"}
            problem={problem("start")}
            onChange={(start) => set({ start })}
          />
          <TextField
            label="Kitchen"
            value={draft.room}
            placeholder="as set"
            problem={problem("room")}
            onChange={(room) => set({ room })}
          />
        </div>
        <fieldset>
          <legend className="text-sm font-semibold text-soft">Readings</legend>
          {draft.readings.map((reading, row) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: readings have no other identity
            <div key={row} className="mt-1 grid grid-cols-2 gap-3">
              <TextField
                label={`${row + 1}: after`}
                value={reading.after}
                problem={problemAt(row, "after")}
                onChange={(after) =>
                  set({ readings: draft.readings.map((kept, at) => (at === row ? { ...kept, after } : kept)) })
                }
              />
              <TextField
                label={`${row + 1}: water is`}
                value={reading.temperature}
                problem={problemAt(row, "temperature")}
                onChange={(temperature) =>
                  set({ readings: draft.readings.map((kept, at) => (at === row ? { ...kept, temperature } : kept)) })
                }
              />
            </div>
          ))}
          <Button
            weight="quiet"
            className="px-1 text-sm"
            onClick={() => set({ readings: [...draft.readings, { after: "", temperature: "" }] })}
          >
            One more reading
          </Button>
        </fieldset>
        <div className="flex flex-wrap gap-3">
          <Button type="submit" weight="main" disabled={test.isPending}>
            Work it out
          </Button>
          <Button onClick={onDone}>Leave it</Button>
        </div>
        <p role="status" className="text-sm text-soft">
          {note.isError
            ? `Not kept yet: ${note.error.message}`
            : note.isPending
              ? "Keeping …"
              : note.isSuccess
                ? "Kept as it is."
                : ""}
        </p>
        {test.error && (
          <Notice kind="warn" word="Not worked out" live>
            {problem("readings") ?? test.error.message}
          </Notice>
        )}
      </form>
      {test.data && (
        <div className="grid content-start gap-3">
          <Curve result={test.data} />
          <Notice kind={test.data.verdict === "fit" ? "done" : "refuse"} word={test.data.verdictText} live>
            {test.data.text}
          </Notice>
          {test.data.kept ? (
            <p className="font-semibold text-done">✓ Kept: every braise in it is reckoned with this heat.</p>
          ) : (
            <Button className="justify-self-start" onClick={() => send(true)} disabled={test.isPending}>
              Keep this for {cooker.draft.name}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

/** The readings and the curve through them, with what must be reached by when. */
function Curve({ result }: { result: WaterTestView }) {
  const x = scaleLinear([0, HOURS], [52, WIDTH - 22]);
  const y = scaleLinear([0, 100], [HEIGHT - 22, 8]);
  const path = line<CurvePoint>(
    (point) => x(point.hour),
    (point) => y(point.pot),
  )(result.curve);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block h-auto w-full"
      role="img"
      aria-label={`Water on Low as fitted: ${result.text} ${result.verdictText}`}
    >
      {[0, 2, 4, 6, 8, 10].map((hour) => (
        <g key={hour}>
          <line x1={x(hour)} x2={x(hour)} y1={y(0)} y2={y(100)} stroke="var(--line)" />
          <text x={x(hour)} y={HEIGHT - 5} fontSize="13" textAnchor="middle" fill="var(--soft)">
            {hour} h
          </text>
        </g>
      ))}
      {result.limits.map(({ celsius, hour, text }) => (
        <g key={celsius}>
          <line x1={x(0)} x2={x(HOURS)} y1={y(celsius)} y2={y(celsius)} stroke="var(--heat)" strokeDasharray="4 4" />
          <text x={2} y={y(celsius) + 4} fontSize="13" fill="var(--heat)">
            {text}
          </text>
          <path d={`M${x(hour)} ${y(celsius)} l-6 10 h12z`} fill="var(--heat)" />
        </g>
      ))}
      <path d={path ?? ""} fill="none" stroke="var(--liquid)" strokeWidth="3" />
      {result.readings.map((reading) => (
        <circle
          key={`${reading.hour} ${reading.pot}`}
          cx={x(reading.hour)}
          cy={y(reading.pot)}
          r="5"
          fill="var(--panel)"
          stroke="var(--rim)"
          strokeWidth="2.5"
        />
      ))}
    </svg>
  );
}
