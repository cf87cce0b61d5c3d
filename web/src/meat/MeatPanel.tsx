import type { Adaptation, BraiseDraft, Catalogue, CookerView } from "../api/types";
import { Check } from "../kit/Check";
import { Choices } from "../kit/Choices";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { ScaleField } from "./ScaleField";

const WHY = [
  { value: "just-hot", label: "browned or hot a moment ago" },
  { value: "left-out", label: "left out of the fridge" },
];

/** The meat as it lies on the board, and the cooker it goes into. */
export function MeatPanel({
  draft,
  catalogue,
  cookers,
  adaptation,
  problem,
  onChange,
}: {
  draft: BraiseDraft;
  catalogue: Catalogue;
  cookers: CookerView[];
  adaptation: Adaptation | null;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const { meat } = draft;
  const set = (part: Partial<typeof meat>) => onChange({ meat: { ...meat, ...part } });
  const handle = (part: Partial<typeof draft.handling>) => onChange({ handling: { ...draft.handling, ...part } });
  const cut = catalogue.cuts.find((one) => one.value === meat.cut);
  const asksWhy =
    meat.why !== "" ||
    problem("meat.why") !== undefined ||
    adaptation?.findings.some((finding) => finding.rule === "why-so-warm") === true;
  return (
    <Panel title="Meat and cooker">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <SelectField
          label="Cut"
          value={meat.cut}
          options={catalogue.cuts}
          empty="Choose the cut"
          problem={problem("meat.cut")}
          onChange={(value) => set({ cut: value })}
        />
        <div className="grid grid-cols-[minmax(0,1fr)_4.5rem] gap-3">
          <TextField
            label="Weight as bought"
            value={meat.weight}
            problem={problem("meat.weight")}
            note={adaptation ? `taken as ${adaptation.weightText}` : undefined}
            onChange={(weight) => set({ weight })}
          />
          <TextField
            label="Pieces"
            inputMode="numeric"
            value={meat.pieces}
            problem={problem("meat.pieces")}
            onChange={(pieces) => set({ pieces })}
          />
        </div>
        <ScaleField draft={draft} onChange={onChange} />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Thickness, if measured"
            value={meat.thickness}
            problem={problem("meat.thickness")}
            note={
              adaptation ? (meat.thickness === "" ? `guessed ${adaptation.thicknessText}` : "by the ruler") : undefined
            }
            onChange={(thickness) => set({ thickness })}
          />
          <TextField
            label="Meat starts at"
            value={meat.start}
            problem={problem("meat.start")}
            note="fridge: 5 °C, 41 °F"
            onChange={(start) => set({ start })}
          />
        </div>
        {asksWhy && (
          <SelectField
            label="Warmer than a fridge, because"
            value={meat.why}
            empty="it isn’t"
            options={WHY}
            problem={problem("meat.why")}
            onChange={(why) => set({ why })}
          />
        )}
        {meat.why !== "" && (
          <TextField
            label={meat.why === "left-out" ? "Out of the fridge for" : "Browned how long ago"}
            value={meat.since}
            placeholder="20 min"
            problem={problem("meat.since")}
            onChange={(since) => set({ since })}
          />
        )}
        {(meat.thawed || adaptation?.findings.some((finding) => finding.rule === "frozen-in-recipe")) && (
          <Check label="It is thawed through" checked={meat.thawed} onChange={(thawed) => set({ thawed })} />
        )}
        <SelectField
          label="Cooker"
          value={draft.cookerId}
          empty="Choose the cooker"
          options={cookers.map((cooker) => ({ value: cooker.id, label: cooker.draft.name }))}
          problem={problem("cookerId")}
          note={cookers.find((cooker) => cooker.id === draft.cookerId)?.summary}
          onChange={(cookerId) => onChange({ cookerId })}
        />
        <Choices
          label="Before it goes in"
          value={draft.handling.effort}
          options={catalogue.efforts.map((effort) =>
            effort.value === draft.handling.effort && adaptation
              ? { ...effort, hint: `${adaptation.before.total} of work. ${effort.hint}` }
              : effort,
          )}
          onChange={(effort) => handle({ effort })}
        />
        <div>
          <Check
            label="Liquid goes in hot"
            checked={draft.handling.hotLiquid}
            onChange={(hotLiquid) => handle({ hotLiquid })}
          />
          <Check
            label="Insert warmed first"
            checked={draft.handling.warmInsert}
            onChange={(warmInsert) => handle({ warmInsert })}
          />
        </div>
        {cut?.inPieces && meat.pieces === "1" && (
          <p className="text-sm text-soft">Usually sold in pieces of about {cut.pieceWeight}.</p>
        )}
      </div>
    </Panel>
  );
}
