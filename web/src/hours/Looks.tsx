import { useHouse } from "../api/queries";
import type { BraiseDraft } from "../api/types";
import { Button } from "../kit/Button";
import { INPUT, TextField } from "../kit/TextField";
import { localMoment } from "./localMoment";

type Handling = BraiseDraft["handling"];

/** When the pot goes on, if the cook wants to say so, and the looks under the lid that are planned, with what they cost. */
export function Looks({
  draft,
  text,
  planned,
  turned,
  problem,
  onChange,
}: {
  draft: BraiseDraft;
  text: string;
  planned: string;
  turned: boolean;
  problem: (path: string) => string | undefined;
  onChange: (part: Partial<Handling>) => void;
}) {
  const zone = useHouse().data?.draft.timeZone;
  const { lids, start } = draft.handling;
  const [day = "", time = ""] = start.split("T");
  const from = planned === "" ? `${draft.serveAt.split("T")[0]}T08:00` : localMoment(Date.parse(planned), zone);
  return (
    <div className="mt-3 grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
      {start === "" ? (
        <Button className="self-start" onClick={() => onChange({ start: from })}>
          Set the start yourself
        </Button>
      ) : (
        <div className="grid content-start justify-items-start gap-2">
          <TextField
            label="Pot on at"
            value={time}
            maxLength={40}
            problem={problem("handling.start")}
            onChange={(value) => onChange({ start: `${day}T${value}` })}
          />
          <Button onClick={() => onChange({ start: "" })}>Leave it to the plan</Button>
        </div>
      )}
      <div className="grid content-start gap-2">
        <TextField
          label="A timer starts it later, by"
          value={draft.handling.delay}
          maxLength={20}
          placeholder="no timer"
          problem={problem("handling.delay")}
          note={draft.handling.delay === "" ? undefined : "two hours at most, everything loaded cold"}
          onChange={(delay) => onChange({ delay })}
        />
        {turned && (
          <TextField
            label="On High, before Low, for"
            value={draft.handling.high}
            maxLength={20}
            placeholder="2 h"
            problem={problem("handling.high")}
            onChange={(high) => onChange({ high })}
          />
        )}
      </div>
      <div className="sm:col-span-2">
        <p className="text-sm">{text}</p>
        {lids.map((typed, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: looks have no other identity
          <div key={index} className="mt-1 grid grid-cols-[1fr_auto] items-center gap-2">
            <input
              aria-label={`Look ${index + 1}, hours after switching on`}
              aria-invalid={problem(`handling.lids.${index}`) ? true : undefined}
              className={INPUT}
              value={typed}
              maxLength={20}
              onChange={(event) =>
                onChange({ lids: lids.map((kept, at) => (at === index ? event.target.value : kept)) })
              }
            />
            <Button
              weight="quiet"
              className="px-2 text-sm"
              aria-label={`remove look ${index + 1}`}
              onClick={() => onChange({ lids: lids.filter((_, at) => at !== index) })}
            >
              remove
            </Button>
            {problem(`handling.lids.${index}`) && (
              <p className="col-span-2 text-sm font-semibold text-heat">▲ {problem(`handling.lids.${index}`)}</p>
            )}
          </div>
        ))}
        {lids.length < 12 && (
          <Button
            weight="quiet"
            className="px-1 text-sm"
            onClick={() => onChange({ lids: [...lids, `${lids.length + 3} h`] })}
          >
            Plan a look under the lid
          </Button>
        )}
      </div>
    </div>
  );
}
