import type { BraiseDraft, Catalogue } from "../api/types";
import { Choices } from "../kit/Choices";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { onOtherDay } from "./onOtherDay";
import { WhereFields } from "./WhereFields";

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
  return (
    <Panel title="Dinner">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-3">
          <TextField
            label="Eat on"
            type="date"
            value={day}
            problem={problem("serveAt")}
            onChange={(value) => onChange(onOtherDay(draft, value))}
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
        <SelectField
          label="In time"
          value={draft.sure}
          options={catalogue.sureness}
          problem={problem("sure")}
          note={catalogue.sureness.find((one) => one.value === draft.sure)?.hint}
          onChange={(sure) => onChange({ sure })}
        />
        <TextField
          label="Guests may be late by"
          value={draft.handling.late}
          maxLength={20}
          placeholder="not at all"
          problem={problem("handling.late")}
          onChange={(late) => onChange({ handling: { ...draft.handling, late } })}
        />
        <WhereFields draft={draft} day={day} problem={problem} onChange={onChange} />
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
