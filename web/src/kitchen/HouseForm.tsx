import { useRef } from "react";
import { Problem } from "../api/Problem";
import { useCatalogue, useSaveHouse } from "../api/queries";
import { request } from "../api/request";
import type { HouseDraft, HouseView } from "../api/types";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Choices } from "../kit/Choices";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { unsent } from "../kit/unsent";
import { useSavedAsTyped } from "../kit/useSavedAsTyped";
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
const SAYS = {
  kept: "kept",
  keeping: "keeping …",
  refused: "not kept",
  offline: "kept here, sent when the server is back",
};

/** Who cooks and when they are out, the hob and the oven, how things are liked and written: kept as it is typed. */
export function HouseForm({ house }: { house: HouseView }) {
  const save = useSaveHouse();
  const revision = useRef(unsent<HouseDraft>("house")?.revision ?? house.draft.revision);
  /** Written otherwise, everything is read back as it is written now. */
  const written = useRef(`${house.draft.units} ${house.draft.clock}`);
  const taken = useRef<((draft: HouseDraft) => void) | null>(null);
  const { draft, change, take, keeping } = useSavedAsTyped("house", house.draft, async (next) => {
    // Somebody who has just been added, and has no name yet, is not sent yet.
    const people = next.people.filter((one) => one.name.trim() !== "" || one.habits !== "" || next.people.length < 2);
    const saved = await save.mutateAsync({ ...next, people, revision: revision.current });
    revision.current = saved.draft.revision;
    if (written.current !== `${saved.draft.units} ${saved.draft.clock}`) {
      written.current = `${saved.draft.units} ${saved.draft.clock}`;
      taken.current?.(saved.draft);
    }
  });
  taken.current = take;
  const catalogue = useCatalogue().data;
  const error = save.error instanceof Problem ? save.error : null;
  const problem = (path: string) => error?.at(path);
  const set = (part: Partial<HouseDraft>) => change({ ...draft, ...part });
  const conflict = error?.status === 409;
  const theirs = async () => {
    const read = await request<HouseView>("GET", "/house");
    revision.current = read.draft.revision;
    take(read.draft);
    save.reset();
  };
  const mine = async () => {
    revision.current = (await request<HouseView>("GET", "/house")).draft.revision;
    change({ ...draft });
  };
  const zones = ZONES.some((zone) => zone.value === draft.timeZone)
    ? ZONES
    : [{ value: draft.timeZone, label: draft.timeZone }, ...ZONES];
  const said = error !== null && error.violations.length === 0 && !conflict ? `: ${error.message}` : "";
  return (
    <div className="grid gap-6">
      <Panel
        title="Who cooks"
        aside={
          <span
            role="status"
            className={`text-sm ${keeping === "refused" || keeping === "offline" ? "font-semibold text-heat" : "text-soft"}`}
          >
            {SAYS[keeping]}
            {keeping === "refused" && said}
          </span>
        }
      >
        {conflict && (
          <p role="status" className="mb-2 flex flex-wrap items-center gap-2 text-sm font-semibold text-heat">
            This was changed in another window.
            <Button onClick={mine}>Keep what is here</Button>
            <Button onClick={theirs}>Show what was kept there</Button>
          </p>
        )}
        <PeopleFields people={draft.people} problem={problem} onChange={(people) => set({ people })} />
        <div className="mt-2 grid grid-cols-2 gap-3">
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
        </div>
      </Panel>
      <Panel title="The hob, the oven, the pans">
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Rings on the hob"
            inputMode="numeric"
            value={draft.rings}
            problem={problem("rings")}
            onChange={(rings) => set({ rings })}
          />
          <div className="self-end pb-1">
            <Check label="There is an oven" checked={draft.oven} onChange={(oven) => set({ oven })} />
          </div>
          <TextField
            label="Pans, across the rim"
            value={draft.pans}
            placeholder={draft.units === "us" ? "11 in, 9 in" : "28 cm, 24 cm"}
            problem={problem("pans")}
            note="the widest browns the meat and boils the sauce down"
            onChange={(pans) => set({ pans })}
          />
          <TextField
            label="Warmth of the kitchen"
            value={draft.room}
            problem={problem("room")}
            onChange={(room) => set({ room })}
          />
        </div>
      </Panel>
      <Panel title="As you like it">
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Meat"
            value={draft.texture}
            options={catalogue?.textures ?? []}
            problem={problem("texture")}
            onChange={(texture) => set({ texture })}
          />
          <SelectField
            label="Sauce"
            value={draft.thickness}
            options={catalogue?.thicknesses ?? []}
            problem={problem("thickness")}
            onChange={(thickness) => set({ thickness })}
          />
          <SelectField
            label="Setting, where the recipe says none"
            value={draft.setting}
            options={[
              { value: "", label: "what suits the day" },
              ...(catalogue?.settings ?? []).filter((one) => ["low", "medium", "high"].includes(one.value)),
            ]}
            problem={problem("setting")}
            onChange={(setting) => set({ setting })}
          />
          <TextField
            label="Salt that tastes right"
            value={draft.salt}
            problem={problem("salt")}
            note="of everything in the pot; most like 0.9 to 1.1 %"
            onChange={(salt) => set({ salt })}
          />
        </div>
      </Panel>
      <Panel title="Where it is, and how it is written">
        <div className="grid grid-cols-2 gap-3">
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
          <SelectField
            label="Time zone"
            value={draft.timeZone}
            options={zones}
            problem={problem("timeZone")}
            onChange={(timeZone) => set({ timeZone })}
          />
        </div>
      </Panel>
    </div>
  );
}
