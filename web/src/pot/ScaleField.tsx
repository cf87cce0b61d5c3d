import { type FormEvent, useContext, useState } from "react";
import { mergePatch } from "../api/mergePatch";
import { Problem } from "../api/Problem";
import { useScale } from "../api/queries";
import type { BraiseDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Figure } from "../kit/Figure";
import { ToastContext } from "../kit/toast";

/** The whole recipe for more or for fewer; the server says what that comes to. */
export function ScaleField({
  draft,
  onChange,
}: {
  draft: BraiseDraft;
  onChange: (part: Partial<BraiseDraft>) => void;
}) {
  const [to, setTo] = useState("");
  const say = useContext(ToastContext);
  const scale = useScale();
  const problem =
    scale.error instanceof Problem ? (scale.error.violations[0]?.message ?? scale.error.message) : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    scale.mutate(
      { draft, to },
      {
        onSuccess: ({ change, text }) => {
          onChange(mergePatch(draft, change));
          setTo("");
          say({ text, action: { label: "Undo", run: () => onChange(draft) } });
        },
      },
    );
  };
  return (
    <form onSubmit={submit} className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-2">
      <Figure
        label="Scale the recipe to"
        above
        value={to}
        maxLength={40}
        placeholder="8, or 2 kg"
        problem={problem}
        note="so many servings, or so much meat"
        onChange={(value) => {
          setTo(value);
          scale.reset();
        }}
      />
      <Button type="submit" disabled={to.trim() === "" || scale.isPending}>
        Scale
      </Button>
    </form>
  );
}
