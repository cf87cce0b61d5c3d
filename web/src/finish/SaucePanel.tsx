import { useState } from "react";
import type { Catalogue, CookView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { Sum } from "../kit/Sum";
import { TextField } from "../kit/TextField";
import type { Records } from "../watch/useRecords";

/** How much liquid is left, and the starch for the thickness wanted. */
export function SaucePanel({ cook, catalogue, records }: { cook: CookView; catalogue: Catalogue; records: Records }) {
  const [sauce, setSauce] = useState(cook.sauce);
  const error = records.problem("sauce");
  const problem = error?.at("left") ?? error?.message;
  return (
    <Panel title="The sauce">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          records.record("sauce", { ...sauce, at: "", id: "" }, `${sauce.left} left`);
        }}
      >
        <TextField
          label="Liquid left, skimmed"
          value={sauce.left}
          placeholder="e.g. 600 mL"
          problem={problem}
          className="mt-0.5 min-h-14 w-full rounded-lg border-2 border-line bg-panel px-3 text-xl aria-[invalid]:border-heat"
          onChange={(left) => setSauce({ ...sauce, left })}
        />
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label="Wanted"
            value={sauce.thickness}
            options={catalogue.thicknesses}
            onChange={(thickness) => setSauce({ ...sauce, thickness })}
          />
          <SelectField
            label="With"
            value={sauce.thickener}
            options={catalogue.thickeners}
            onChange={(thickener) => setSauce({ ...sauce, thickener })}
          />
        </div>
        <Button type="submit" weight="main" className="min-h-14 text-lg">
          How much starch?
        </Button>
      </form>
      {cook.slurry && (
        <div className="mt-3" data-testid="slurry">
          <Notice kind="done" word="For the sauce" live>
            {cook.slurry.reduce && <p className="text-lg">{cook.slurry.reduce}</p>}
            <p className="text-xl font-semibold">{cook.slurry.text}</p>
            <p className="text-sm">Stir starch into cold water first; dry starch in a hot pot makes lumps.</p>
          </Notice>
          <Sum sum={cook.slurry.sum} />
        </div>
      )}
    </Panel>
  );
}
