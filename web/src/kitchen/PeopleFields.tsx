import type { PersonDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Field } from "../kit/Field";
import { INPUT, TextField } from "../kit/TextField";

const MOST = 6;

/** Also where the page comes over plain HTTP, as on a tablet in the kitchen. */
const newId = () => crypto.getRandomValues(new Uint32Array(2)).join("-");

/** Who cooks, and where each usually is. */
export function PeopleFields({
  people,
  problem,
  onChange,
}: {
  people: PersonDraft[];
  problem: (path: string) => string | undefined;
  onChange: (people: PersonDraft[]) => void;
}) {
  const set = (index: number, part: Partial<PersonDraft>) =>
    onChange(people.map((person, at) => (at === index ? { ...person, ...part } : person)));
  return (
    <fieldset className="grid gap-3 sm:col-span-2">
      <legend className="sr-only">Who cooks</legend>
      {people.map((person, index) => (
        <div
          key={person.id}
          className="grid items-start gap-3 border-b border-line pb-2 sm:grid-cols-[12rem_minmax(0,1fr)_auto]"
        >
          <TextField
            label={index === 0 && people.length > 1 ? "Name; asked first" : "Name"}
            value={person.name}
            maxLength={40}
            problem={problem(`people.${index}.name`)}
            onChange={(name) => set(index, { name })}
          />
          <Field
            label="Usually away, or busy at home"
            problem={problem(`people.${index}.habits`)}
            note={index === 0 ? "one a line, for every braise: Mon to Fri 8:10 to 17:20; Sat 9 to 12 busy" : undefined}
          >
            {(controls) => (
              <textarea
                {...controls}
                className={INPUT}
                rows={2}
                maxLength={1000}
                value={person.habits}
                onChange={(event) => set(index, { habits: event.target.value })}
              />
            )}
          </Field>
          {people.length > 1 && (
            <Button
              weight="quiet"
              className="px-1 text-sm sm:mt-5"
              aria-label={`remove ${person.name || "this cook"}`}
              onClick={() => onChange(people.filter((_, at) => at !== index))}
            >
              remove
            </Button>
          )}
        </div>
      ))}
      {people.length < MOST && (
        <Button
          className="justify-self-start"
          onClick={() => onChange([...people, { id: newId(), name: "", habits: "" }])}
        >
          Add someone who cooks
        </Button>
      )}
    </fieldset>
  );
}
