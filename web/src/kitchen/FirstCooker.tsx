import { type FormEvent, useState } from "react";
import { Problem } from "../api/Problem";
import { useHouse, useSaveCooker } from "../api/queries";
import { Button } from "../kit/Button";
import { Choices } from "../kit/Choices";
import { Figure } from "../kit/Figure";

const SHAPES = [
  { value: "oval", label: "oval", hint: "" },
  { value: "round", label: "round", hint: "" },
];

/** The first cooker, asked where it is needed, with a guess that most are near. */
export function FirstCooker({ onMade }: { onMade: (id: string) => void }) {
  const us = useHouse().data?.draft.units === "us";
  const [size, setSize] = useState<string | null>(null);
  const [shape, setShape] = useState("oval");
  const save = useSaveCooker();
  const typed = size ?? (us ? "6 qt" : "6 L");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    // This form is gone as soon as there is a cooker: a callback of its own would never be called.
    save
      .mutateAsync({
        id: null,
        draft: {
          name: "My slow cooker",
          capacity: typed,
          shape,
          watts: "",
          autoWarm: "",
          hasMedium: false,
          revision: 0,
        },
      })
      .then(
        (cooker) => onMade(cooker.id),
        () => undefined,
      );
  };
  const problem = save.error instanceof Problem ? (save.error.at("capacity") ?? save.error.message) : undefined;
  return (
    <form onSubmit={submit} aria-label="Your slow cooker" className="grid gap-2">
      <p className="font-bold text-rim">Which slow cooker have you?</p>
      <p className="text-sm text-soft">
        Its size stands on its underside. Watts and the rest can follow in the kitchen.
      </p>
      <Figure label="to the brim" value={typed} problem={problem} onChange={setSize} />
      <Choices label="Shape" columns={2} value={shape} options={SHAPES} onChange={setShape} />
      <Button type="submit" weight="main" className="justify-self-start" disabled={save.isPending}>
        That’s mine
      </Button>
    </form>
  );
}
