import { useBraisePlace } from "../braise/BraiseContext";
import { Check } from "../kit/Check";
import { Choices } from "../kit/Choices";
import { ScaleField } from "./ScaleField";

/** What is done before it goes in, and for how many. */
export function Before() {
  const { draft, catalogue, adaptation, change } = useBraisePlace();
  const handle = (part: Partial<typeof draft.handling>) => change({ handling: { ...draft.handling, ...part } });
  return (
    <div className="grid content-start gap-2">
      <div data-leads="before">
        <Choices
          label={`Before it goes in${adaptation ? `: ${adaptation.before.total} of work` : ""}`}
          value={draft.handling.effort}
          options={catalogue.efforts.map((effort) => ({
            ...effort,
            hint: effort.value === draft.handling.effort ? effort.hint : "",
          }))}
          onChange={(effort) => handle({ effort })}
        />
        <div className="flex flex-wrap gap-x-4">
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
      </div>
      <div className="border-t border-line pt-2">
        <ScaleField draft={draft} onChange={change} />
      </div>
    </div>
  );
}
