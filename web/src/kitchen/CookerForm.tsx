import { useContext, useEffect, useState } from "react";
import { Problem } from "../api/Problem";
import { useCookers, useDeleteCooker, useRestoreCooker, useSaveCooker } from "../api/queries";
import type { CookerDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Choices } from "../kit/Choices";
import { Notice } from "../kit/Notice";
import { TextField } from "../kit/TextField";
import { ToastContext } from "../kit/toast";
import { forgetUnsent, keepUnsent, unsent } from "../kit/unsent";

const SETTINGS = [
  { value: "two", label: "Low and High", hint: "" },
  { value: "three", label: "also Medium", hint: "" },
];

const SHAPES = [
  { value: "oval", label: "Oval", hint: "" },
  { value: "round", label: "Round", hint: "" },
];

const RETRY_MS = 3000;

/** A cooker as it is typed. What the server can't be given yet is kept on this device and sent again until it is there. */
export function CookerForm({ id, initial, onDone }: { id: string | null; initial: CookerDraft; onDone: () => void }) {
  const name = `cooker.${id ?? "new"}`;
  const [draft, setDraft] = useState(() => unsent<CookerDraft>(name) ?? initial);
  const [waiting, setWaiting] = useState(() => unsent<CookerDraft>(name) !== null);
  const save = useSaveCooker();
  const cookers = useCookers();
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
  const send = (now: CookerDraft) => {
    keepUnsent(name, now);
    save.mutate(
      { id, draft: now },
      {
        onSuccess: () => {
          forgetUnsent(name);
          setWaiting(false);
          onDone();
        },
        onError: (failed) => {
          const passing = failed instanceof Problem && failed.passing;
          setWaiting(passing);
          passing || forgetUnsent(name);
        },
      },
    );
  };
  const conflict = save.error instanceof Problem && save.error.status === 409;
  const theirs = async () => (await cookers.refetch()).data?.find((one) => one.id === id)?.draft;
  const leave = () => {
    forgetUnsent(name);
    onDone();
  };
  useEffect(() => {
    if (!waiting || save.isPending) {
      return;
    }
    const timer = setTimeout(() => send(draft), RETRY_MS);
    return () => clearTimeout(timer);
  });
  return (
    <form
      className="grid gap-3 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        send(draft);
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
        <Button onClick={leave}>Leave it</Button>
        {id !== null && (
          <Button weight="quiet" className="ml-auto" onClick={() => remove.mutate(id, { onSuccess: gone })}>
            Delete this cooker
          </Button>
        )}
      </div>
      {error && (
        <div className="sm:col-span-2">
          <Notice kind="warn" word={waiting ? "Kept on this device" : "Not saved"} live>
            {error.message}
            {waiting && " It is sent again every few seconds."}
            {conflict && (
              <span className="mt-2 flex flex-wrap gap-2">
                <Button onClick={async () => send({ ...draft, revision: (await theirs())?.revision ?? 0 })}>
                  Keep what is here
                </Button>
                <Button
                  onClick={async () => {
                    setDraft((await theirs()) ?? draft);
                    save.reset();
                  }}
                >
                  Show what was kept there
                </Button>
              </span>
            )}
          </Notice>
        </div>
      )}
    </form>
  );
}
