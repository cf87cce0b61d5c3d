import type { BraiseDraft, Catalogue, LevelView, PotView } from "../api/types";
import { Choices } from "../kit/Choices";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { Sum } from "../kit/Sum";
import { Cutaway } from "./Cutaway";

/** The loaded pot: drag the level, choose what lies at the bottom. */
export function PotPanel({
  pot,
  levels,
  draft,
  catalogue,
  onChange,
}: {
  pot: PotView;
  levels: LevelView[];
  draft: BraiseDraft;
  catalogue: Catalogue;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  return (
    <Panel title="The pot" aside={<Moved className="text-sm font-semibold">{pot.fillText}</Moved>}>
      <Cutaway pot={pot} levels={levels} school={draft.level} onSchool={(level) => onChange({ level })} />
      <p className="mt-2 text-sm">{pot.text}</p>
      <Sum sum={pot.below} />
      <Choices
        label="Layers"
        value={draft.handling.layers}
        options={catalogue.layers}
        onChange={(layers) => onChange({ handling: { ...draft.handling, layers } })}
      />
    </Panel>
  );
}
