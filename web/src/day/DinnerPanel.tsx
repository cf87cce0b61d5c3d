import type { BraiseDraft, Catalogue } from "../api/types";
import { Button } from "../kit/Button";
import { Choices } from "../kit/Choices";
import { Field } from "../kit/Field";
import { Panel } from "../kit/Panel";
import { INPUT, TextField } from "../kit/TextField";

/** When to eat, when nobody is there, and how the meat should be. */
export function DinnerPanel({
  draft,
  catalogue,
  taken,
  problem,
  onChange,
}: {
  draft: BraiseDraft;
  catalogue: Catalogue;
  taken: string | undefined;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const [day = "", time = ""] = draft.serveAt.split("T");
  const setAway = (index: number, part: Partial<{ from: string; to: string }>) =>
    onChange({ away: draft.away.map((one, at) => (at === index ? { ...one, ...part } : one)) });
  const timeOf = (moment: string) => moment.split("T")[1] ?? "";
  return (
    <Panel title="Dinner">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-3">
          <TextField
            label="Eat on"
            type="date"
            value={day}
            problem={problem("serveAt")}
            onChange={(value) =>
              onChange({
                serveAt: `${value}T${time}`,
                away: draft.away.map((one) => ({
                  from: `${value}T${timeOf(one.from)}`,
                  to: `${value}T${timeOf(one.to)}`,
                })),
              })
            }
          />
          <TextField
            label="at"
            value={time}
            maxLength={40}
            onChange={(value) => onChange({ serveAt: `${day}T${value}` })}
          />
        </div>
        {taken && <p className="-mt-2 text-sm text-soft">taken as {taken}</p>}
        <TextField
          label="Servings"
          inputMode="numeric"
          value={draft.serves}
          problem={problem("serves")}
          onChange={(serves) => onChange({ serves })}
        />
        <fieldset className="grid min-w-0 gap-2">
          <legend className="text-sm font-semibold text-soft">Nobody home</legend>
          {draft.away.map((one, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: times have no other identity
            <div key={index}>
              <div className="grid grid-cols-2 gap-x-3">
                <Field label="from">
                  {(controls) => (
                    <input
                      {...controls}
                      className={INPUT}
                      maxLength={40}
                      value={timeOf(one.from)}
                      onChange={(event) => setAway(index, { from: `${day}T${event.target.value}` })}
                    />
                  )}
                </Field>
                <Field label="to">
                  {(controls) => (
                    <input
                      {...controls}
                      className={INPUT}
                      maxLength={40}
                      value={timeOf(one.to)}
                      onChange={(event) => setAway(index, { to: `${day}T${event.target.value}` })}
                    />
                  )}
                </Field>
                <Button
                  weight="quiet"
                  className="col-span-2 min-h-9 justify-self-end px-2 py-0 text-sm"
                  aria-label={`remove the time away from ${timeOf(one.from)}`}
                  onClick={() => onChange({ away: draft.away.filter((_, at) => at !== index) })}
                >
                  remove
                </Button>
              </div>
              {problem(`away.${index}`) && (
                <p className="text-sm font-semibold text-heat">▲ {problem(`away.${index}`)}</p>
              )}
            </div>
          ))}
          <Button
            className="justify-self-start"
            onClick={() => onChange({ away: [...draft.away, { from: `${day}T08:00`, to: `${day}T17:00` }] })}
          >
            Add a time away
          </Button>
        </fieldset>
        <Choices
          label="Meat wanted"
          value={draft.texture}
          options={catalogue.textures}
          onChange={(texture) => onChange({ texture })}
        />
      </div>
    </Panel>
  );
}
