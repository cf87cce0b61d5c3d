import { useContext, useState } from "react";
import { Problem } from "../api/Problem";
import { useDeleteCooker, useRestoreCooker, useSaveCooker } from "../api/queries";
import type { CookerDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Choices } from "../kit/Choices";
import { Notice } from "../kit/Notice";
import { TextField } from "../kit/TextField";
import { ToastContext } from "../kit/toast";

const SETTINGS = [
  { value: "two", label: "Low and High", hint: "" },
  { value: "three", label: "also Medium", hint: "" },
];

const SHAPES = [
  { value: "oval", label: "Oval", hint: "" },
  { value: "round", label: "Round", hint: "" },
];

export function CookerForm({ id, initial, onDone }: { id: string | null; initial: CookerDraft; onDone: () => void }) {
  const [draft, setDraft] = useState(initial);
  const save = useSaveCooker();
  const remove = useDeleteCooker();
  const restore = useRestoreCooker();
  const say = useContext(ToastContext);
  const error = save.error ?? remove.error;
  const problem = (path: string) => (save.error instanceof Problem ? save.error.at(path) : undefined);
  const set = (part: Partial<CookerDraft>) => setDraft({ ...draft, ...part });
  const gone = () => {
    say({
      text: `“${initial.name}” was deleted.`,
      action: { label: "Undo", run: () => restore.mutate(id ?? "") },
    });
    onDone();
  };
  return (
    <form
      className="grid gap-3 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate({ id, draft }, { onSuccess: onDone });
      }}
    >
      <TextField
        label="What you call it"
        value={draft.name}
        maxLength={80}
        problem={problem("name")}
        onChange={(name) => set({ name })}
      />
      <TextField
        label="Size, to the brim"
        value={draft.capacity}
        problem={problem("capacity")}
        note="litres or quarts: 6.5 L, 7 qt"
        onChange={(capacity) => set({ capacity })}
      />
      <Choices label="Shape" columns={2} value={draft.shape} options={SHAPES} onChange={(shape) => set({ shape })} />
      <TextField
        label="Watts"
        inputMode="numeric"
        value={draft.watts}
        problem={problem("watts")}
        note="on the plate underneath; empty if unknown"
        onChange={(watts) => set({ watts })}
      />
      <TextField
        label="Turns itself to Warm after"
        value={draft.autoWarm}
        problem={problem("autoWarm")}
        note="e.g. 10 h; empty if it doesn’t"
        onChange={(autoWarm) => set({ autoWarm })}
      />
      <Choices
        label="Settings"
        columns={2}
        value={draft.hasMedium ? "three" : "two"}
        options={SETTINGS}
        onChange={(settings) => set({ hasMedium: settings === "three" })}
      />
      <div className="flex flex-wrap items-center gap-3 sm:col-span-2">
        <Button type="submit" weight="main" disabled={save.isPending}>
          Save
        </Button>
        <Button onClick={onDone}>Leave it</Button>
        {id !== null && (
          <Button weight="quiet" className="ml-auto" onClick={() => remove.mutate(id, { onSuccess: gone })}>
            Delete this cooker
          </Button>
        )}
      </div>
      {error && (
        <div className="sm:col-span-2">
          <Notice kind="warn" word="Not saved" live>
            {error.message}
          </Notice>
        </div>
      )}
    </form>
  );
}
