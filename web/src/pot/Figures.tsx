import { useState } from "react";
import type { FurtherMeatView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Check } from "../kit/Check";
import { Figure, Pick } from "../kit/Figure";
import { FirstCooker } from "../kitchen/FirstCooker";
import { MeatsDialog } from "../meats/MeatsDialog";

const WHY = [
  { value: "just-hot", label: "browned or hot a moment ago" },
  { value: "left-out", label: "left out of the fridge" },
];

/** Meat of another line that lies in the pot too: how it is cut, as the line says it or as the cook does. */
function FurtherMeat({ other }: { other: FurtherMeatView }) {
  const { draft, problem, change } = useBraisePlace();
  const { meat } = draft;
  const place = meat.others.findIndex((one) => one.id === other.id);
  const said = meat.others[place] ?? { id: other.id, pieces: "", thickness: "" };
  const set = (part: Partial<typeof said>) =>
    change({ meat: { ...meat, others: [...meat.others.filter((one) => one.id !== other.id), { ...said, ...part }] } });
  return (
    <fieldset className="grid gap-1.5 border-t border-line pt-1.5">
      <legend className="sr-only">{other.name}</legend>
      <p className="text-sm">
        <strong>{other.weight}</strong> {other.name}
      </p>
      <Figure
        label="Pieces"
        inputMode="numeric"
        size="text-base"
        value={said.pieces}
        placeholder={String(other.pieces)}
        problem={problem(`meat.others.${place}.pieces`)}
        onChange={(pieces) => set({ pieces })}
      />
      <Figure
        label="Thickness of a piece"
        size="text-base"
        value={said.thickness}
        placeholder={other.thickness}
        problem={problem(`meat.others.${place}.thickness`)}
        onChange={(thickness) => set({ thickness })}
      />
    </fieldset>
  );
}

/** The meat as it lies on the board, and the cooker it goes into. */
export function Figures() {
  const { draft, view, catalogue, cookers, adaptation, problem, change } = useBraisePlace();
  const [asking, setAsking] = useState(false);
  const { meat } = draft;
  const set = (part: Partial<typeof meat>) => change({ meat: { ...meat, ...part } });
  const cut = catalogue.cuts.find((one) => one.value === meat.cut);
  const found = (rule: string) => adaptation?.findings.some((finding) => finding.rule === rule) === true;
  const cooker = cookers.find((one) => one.id === draft.cookerId);
  return (
    <div className="grid content-start gap-2">
      <div className="grid gap-1.5" data-leads="meat">
        <Pick
          label="Cut"
          wide
          value={meat.cut}
          options={catalogue.cuts}
          empty="Choose the cut"
          problem={problem("meat.cut")}
          onChange={(value) => set({ cut: value })}
        />
        <Figure
          label="Weight as bought"
          value={meat.weight}
          problem={problem("meat.weight")}
          note={
            adaptation && view.draft.meat.weight === meat.weight && adaptation.weightText !== meat.weight.trim()
              ? `taken as ${adaptation.weightText}`
              : undefined
          }
          onChange={(weight) => set({ weight })}
        />
        <Figure
          label="Pieces"
          inputMode="numeric"
          value={meat.pieces}
          problem={problem("meat.pieces")}
          note={cut?.inPieces && meat.pieces === "1" ? `usually sold in pieces of ${cut.pieceWeight}` : undefined}
          onChange={(pieces) => set({ pieces })}
        />
        <Figure
          label="Thickness, if measured"
          value={meat.thickness}
          placeholder={adaptation?.thicknessText ?? "–"}
          problem={problem("meat.thickness")}
          note={
            adaptation ? (meat.thickness === "" ? `guessed ${adaptation.thicknessText}` : "by the ruler") : undefined
          }
          onChange={(thickness) => set({ thickness })}
        />
        <Figure
          label="Meat starts at"
          value={meat.start}
          problem={problem("meat.start")}
          onChange={(start) => set({ start })}
        />
      </div>
      {(meat.why !== "" || problem("meat.why") !== undefined || found("why-so-warm")) && (
        <Pick
          label="Warmer than a fridge, because"
          wide
          value={meat.why}
          empty="it isn’t"
          options={WHY}
          problem={problem("meat.why")}
          onChange={(why) => set({ why })}
        />
      )}
      {meat.why !== "" && (
        <Figure
          label={meat.why === "left-out" ? "Out of the fridge for" : "Browned how long ago"}
          value={meat.since}
          placeholder="20 min"
          problem={problem("meat.since")}
          onChange={(since) => set({ since })}
        />
      )}
      {(meat.longer !== "" || problem("meat.longer") !== undefined) && (
        <Figure
          label="Longer than reckoned, at 90 °C"
          value={meat.longer}
          problem={problem("meat.longer")}
          note="by what you wanted otherwise last time"
          onChange={(longer) => set({ longer })}
        />
      )}
      {(meat.thawed || meat.thaws || found("frozen-in-recipe")) && (
        <>
          <Check
            label="It thaws in the fridge in time"
            checked={meat.thaws}
            onChange={(thaws) => set({ thaws, ...(thaws && { thawed: false }) })}
          />
          <Check
            label="It is thawed through"
            checked={meat.thawed}
            onChange={(thawed) => set({ thawed, ...(thawed && { thaws: false }) })}
          />
        </>
      )}
      {(adaptation?.pot.others ?? []).map((other) => (
        <FurtherMeat key={other.id} other={other} />
      ))}
      <button type="button" className="link justify-self-start text-sm" onClick={() => setAsking(true)}>
        Which meat for this day?
      </button>
      {asking && <MeatsDialog draft={draft} onClose={() => setAsking(false)} onTake={change} />}
      <div data-leads="cooker" className="border-t border-line pt-2">
        {cookers.length === 0 ? (
          <FirstCooker onMade={(cookerId) => change({ cookerId })} />
        ) : (
          <Pick
            label="Cooker"
            wide
            value={draft.cookerId}
            empty="Choose the cooker"
            options={cookers.map((one) => ({ value: one.id, label: one.draft.name }))}
            problem={problem("cookerId")}
            note={cooker?.summary}
            onChange={(cookerId) => change({ cookerId })}
          />
        )}
      </div>
    </div>
  );
}
