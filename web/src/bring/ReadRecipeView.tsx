import { useState } from "react";
import { useNavigate } from "react-router";
import { useCatalogue, useCreateBraise, usePreview } from "../api/queries";
import type { ReadRecipe } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { SelectField } from "../kit/SelectField";
import { TextField } from "../kit/TextField";
import { useDebounced } from "../kit/useDebounced";
import { Ingredients } from "../recipe/Ingredients";
import { Steps } from "../recipe/Steps";

/** What was made of the pasted text, open to correction, before it becomes a braise. */
export function ReadRecipeView({ read, onDone }: { read: ReadRecipe; onDone: () => void }) {
  const [draft, setDraft] = useState(read.draft);
  const preview = usePreview(useDebounced(draft, 250));
  const create = useCreateBraise();
  const navigate = useNavigate();
  const methods = useCatalogue().data?.methods ?? [];
  const understood = preview.data?.understood ?? read.understood;
  const problems = preview.data?.problems ?? [];
  const problem = (path: string) => problems.find((one) => one.path === path)?.message;
  const open = understood.filter((one, index) => one.question !== "" && !draft.ingredients[index]?.ignored).length;

  const adapt = () =>
    create.mutate(draft, {
      onSuccess: (braise) => {
        onDone();
        navigate(`/braises/${braise.id}`);
      },
    });

  return (
    <div className="grid min-w-0 content-start gap-4">
      <Panel
        title="What was read"
        aside={
          <span className="text-sm text-soft" role="status">
            {open === 0 ? "Nothing left to ask" : `${open} to look at`}
          </span>
        }
      >
        <div className="mb-3 grid gap-3 sm:grid-cols-[1fr_6rem]">
          <TextField
            label="Name"
            value={draft.title}
            maxLength={200}
            onChange={(title) => setDraft({ ...draft, title })}
          />
          <TextField
            label="Serves"
            inputMode="numeric"
            value={draft.serves}
            problem={problem("serves")}
            onChange={(serves) => setDraft({ ...draft, serves })}
          />
        </div>
        <Ingredients
          drafts={draft.ingredients}
          understood={understood}
          onChange={(ingredients) => setDraft({ ...draft, ingredients })}
        />
        {read.unread.length > 0 && (
          <div className="mt-3">
            <Notice kind="note" word="Not read, and not used">
              <ul>
                {read.unread.map((line) => (
                  <li key={line.line}>{line.source}</li>
                ))}
              </ul>
            </Notice>
          </div>
        )}
      </Panel>
      <Panel title="How the recipe cooks it">
        <div className="mb-3 grid gap-3 sm:grid-cols-3">
          <SelectField
            label="Way"
            value={draft.original.method}
            options={methods}
            onChange={(method) => setDraft({ ...draft, original: { ...draft.original, method } })}
          />
          <TextField
            label="Time in the pot"
            value={draft.original.hours}
            problem={problem("original.hours")}
            note={draft.original.hours === "" ? "Not found in the text; leave empty if you don’t know." : undefined}
            onChange={(hours) => setDraft({ ...draft, original: { ...draft.original, hours } })}
          />
          <TextField
            label="Oven"
            value={draft.original.oven}
            problem={problem("original.oven")}
            onChange={(oven) => setDraft({ ...draft, original: { ...draft.original, oven } })}
          />
        </div>
        <Steps steps={read.steps} />
      </Panel>
      {create.error && (
        <Notice kind="warn" word="Not saved" live>
          {create.error.message}
        </Notice>
      )}
      <Button weight="main" className="justify-self-start" onClick={adapt} disabled={create.isPending}>
        Go on: meat, cooker and day
      </Button>
    </div>
  );
}
