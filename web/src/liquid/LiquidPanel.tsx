import type { Adaptation, BraiseDraft, Catalogue } from "../api/types";
import { AS_THE_RECIPE } from "../compare/variants";
import { Choices } from "../kit/Choices";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { Sum } from "../kit/Sum";
import { Balance } from "./Balance";

/** What to load in place of the recipe's liquid, what it comes to, and how salty. */
export function LiquidPanel({
  draft,
  catalogue,
  adaptation,
  onChange,
}: {
  draft: BraiseDraft;
  catalogue: Catalogue;
  adaptation: Adaptation;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const { liquid, salt } = adaptation;
  return (
    <Panel title="Liquid and salt">
      <p className="text-lg leading-snug font-semibold">
        <Moved>{liquid.text}</Moved>
      </p>
      <Balance sum={liquid.atEnd} />
      <Sum sum={liquid.original} />
      <Sum sum={liquid.atEnd} />
      <div className="mt-2">
        <Choices
          label="Level when loaded"
          value={draft.level}
          options={catalogue.levels.map((level) => ({
            ...level,
            hint: [level.hint, adaptation.levels.find((one) => one.value === level.value)?.cost]
              .filter(Boolean)
              .join(" "),
          }))}
          onChange={(level) => onChange({ level })}
        />
      </div>
      <div className="mt-3 grid gap-3">
        <SelectField
          label="Sauce wanted"
          value={draft.thickness}
          options={catalogue.thicknesses}
          onChange={(thickness) => onChange({ thickness })}
        />
        {draft.thickness !== AS_THE_RECIPE && (
          <SelectField
            label="Thickened with"
            value={draft.thickener}
            options={catalogue.bodies}
            onChange={(thickener) => onChange({ thickener })}
          />
        )}
      </div>
      <p className="mt-3">
        <Moved>{salt.text}</Moved>
      </p>
      <Sum sum={salt.sum} />
    </Panel>
  );
}
