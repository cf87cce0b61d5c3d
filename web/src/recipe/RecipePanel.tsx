import { Collapsible } from "radix-ui";
import type { BraiseDraft, BraiseView, Catalogue } from "../api/types";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { Ingredients } from "./Ingredients";
import { Steps } from "./Steps";

/** The recipe as understood, still open to correction, and its text. */
export function RecipePanel({
  draft,
  view,
  catalogue,
  problem,
  onChange,
}: {
  draft: BraiseDraft;
  view: BraiseView;
  catalogue: Catalogue;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const { original } = draft;
  const set = (part: Partial<typeof original>) => onChange({ original: { ...original, ...part } });
  return (
    <Panel title="The recipe as understood">
      <div className="mb-3 grid max-w-3xl gap-3 sm:grid-cols-3">
        <SelectField
          label="Its own way"
          value={original.method}
          options={catalogue.methods}
          onChange={(method) => set({ method })}
        />
        <TextField
          label="Its own time"
          value={original.hours}
          problem={problem("original.hours")}
          onChange={(hours) => set({ hours })}
        />
        <TextField
          label="Its oven"
          value={original.oven}
          problem={problem("original.oven")}
          onChange={(oven) => set({ oven })}
        />
      </div>
      <Ingredients
        drafts={draft.ingredients}
        understood={view.understood}
        measures={draft.measures}
        onChange={(change) => onChange({ ingredients: change(draft.ingredients) })}
      />
      {draft.steps.length > 0 && (
        <Collapsible.Root className="mt-3">
          <Collapsible.Trigger className="min-h-11 rounded-lg px-1 font-semibold text-rim underline underline-offset-4 hover:bg-sunk">
            Its steps
          </Collapsible.Trigger>
          <Collapsible.Content>
            <Steps
              drafts={draft.steps}
              understood={view.steps}
              onChange={(change) => onChange({ steps: change(draft.steps) })}
            />
          </Collapsible.Content>
        </Collapsible.Root>
      )}
      <Collapsible.Root className="mt-3">
        <Collapsible.Trigger className="min-h-11 rounded-lg px-1 font-semibold text-rim underline underline-offset-4 hover:bg-sunk">
          The text as pasted
        </Collapsible.Trigger>
        <Collapsible.Content>
          <pre className="mt-2 max-w-prose font-sans whitespace-pre-wrap">{draft.recipeText}</pre>
        </Collapsible.Content>
      </Collapsible.Root>
    </Panel>
  );
}
