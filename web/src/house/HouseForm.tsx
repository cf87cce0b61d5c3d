import { useState } from "react";
import { Problem } from "../api/Problem";
import { useCatalogue, useSaveHouse } from "../api/queries";
import { request } from "../api/request";
import type { HouseDraft, HouseView } from "../api/types";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Choices } from "../kit/Choices";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { PeopleFields } from "./PeopleFields";

const UNITS = [
  { value: "metric", label: "Grams, litres, °C", hint: "" },
  { value: "us", label: "Pounds, cups, °F", hint: "" },
];
const CLOCKS = [
  { value: "24", label: "17:10", hint: "" },
  { value: "12", label: "5:10 pm", hint: "" },
];
const ZONES = Intl.supportedValuesOf("timeZone").map((zone) => ({ value: zone, label: zone.replaceAll("_", " ") }));

/** Where the house stands, when it sleeps, and how things are written. */
export function HouseForm({ house }: { house: HouseView }) {
  const [draft, setDraft] = useState(house.draft);
  const save = useSaveHouse();
  const catalogue = useCatalogue().data;
  const problem = (path: string) => (save.error instanceof Problem ? save.error.at(path) : undefined);
  const set = (part: Partial<HouseDraft>) => setDraft({ ...draft, ...part });
  const send = (revision: number) =>
    save.mutate({ ...draft, revision }, { onSuccess: (saved) => setDraft(saved.draft) });
  const conflict = save.error instanceof Problem && save.error.status === 409;
  const theirs = async () => setDraft((await request<HouseView>("GET", "/house")).draft);
  const mine = async () => send((await request<HouseView>("GET", "/house")).draft.revision);
  const zones = ZONES.some((zone) => zone.value === draft.timeZone)
    ? ZONES
    : [{ value: draft.timeZone, label: draft.timeZone }, ...ZONES];
  return (
    <div className="mx-auto grid max-w-3xl gap-3">
      <h1 className="text-2xl font-bold">House</h1>
      <Panel title="Where, when, and how it is written">
        <form
          className="grid gap-4 sm:grid-cols-2"
          onSubmit={(event) => {
            event.preventDefault();
            send(draft.revision);
          }}
        >
          <Choices
            label="Weights and measures"
            value={draft.units}
            options={UNITS}
            onChange={(units) => set({ units })}
          />
          <Choices label="Clock" value={draft.clock} options={CLOCKS} onChange={(clock) => set({ clock })} />
          <TextField
            label="Height above the sea"
            value={draft.altitude}
            problem={problem("altitude")}
            note={`water boils at ${house.boiling} here`}
            onChange={(altitude) => set({ altitude })}
          />
          <TextField label="Kitchen" value={draft.room} problem={problem("room")} onChange={(room) => set({ room })} />
          <TextField
            label="To bed"
            value={draft.bedtime}
            problem={problem("bedtime")}
            onChange={(bedtime) => set({ bedtime })}
          />
          <TextField
            label="Up again"
            value={draft.rises}
            problem={problem("rises")}
            onChange={(rises) => set({ rises })}
          />
          <SelectField
            label="Time zone"
            value={draft.timeZone}
            options={zones}
            problem={problem("timeZone")}
            onChange={(timeZone) => set({ timeZone })}
          />
          <SelectField
            label="Meat, as you like it"
            value={draft.texture}
            options={catalogue?.textures ?? []}
            problem={problem("texture")}
            onChange={(texture) => set({ texture })}
          />
          <SelectField
            label="Sauce, as you like it"
            value={draft.thickness}
            options={catalogue?.thicknesses ?? []}
            problem={problem("thickness")}
            onChange={(thickness) => set({ thickness })}
          />
          <TextField
            label="Salt that tastes right"
            value={draft.salt}
            problem={problem("salt")}
            note="of everything in the pot; most like 0.9 to 1.1 %"
            onChange={(salt) => set({ salt })}
          />
          <TextField
            label="Rings on the hob"
            inputMode="numeric"
            value={draft.rings}
            problem={problem("rings")}
            onChange={(rings) => set({ rings })}
          />
          <TextField
            label="Pans, across the rim"
            value={draft.pans}
            placeholder={draft.units === "us" ? "11 in, 9 in" : "28 cm, 24 cm"}
            problem={problem("pans")}
            note="the widest browns the meat and boils the sauce down"
            onChange={(pans) => set({ pans })}
          />
          <Check label="There is an oven" checked={draft.oven} onChange={(oven) => set({ oven })} />
          <PeopleFields people={draft.people} problem={problem} onChange={(people) => set({ people })} />
          <div className="self-end">
            <Button type="submit" weight="main" disabled={save.isPending}>
              Save
            </Button>
            <span role="status" className="ml-3 font-semibold text-done">
              {save.isSuccess ? "✓ Saved" : ""}
            </span>
          </div>
          {save.error && (
            <div className="sm:col-span-2">
              <Notice kind="warn" word="Not saved" live>
                {save.error.message}
                {conflict && (
                  <div className="mt-2 flex flex-wrap gap-2">
                    <Button onClick={mine}>Save what is here all the same</Button>
                    <Button onClick={theirs}>Show what was saved there</Button>
                  </div>
                )}
              </Notice>
            </div>
          )}
        </form>
      </Panel>
    </div>
  );
}
