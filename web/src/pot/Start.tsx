import { useBraisePlace } from "../braise/BraiseContext";
import { localMoment } from "../clock/localMoment";
import { useClock } from "../clock/useClock";
import { Button } from "../kit/Button";
import { Figure } from "../kit/Figure";

/** When the pot goes on, if the cook wants to say so, and the looks under the lid that are planned, with what they cost. */
export function Start() {
  const { draft, adaptation, problem, change } = useBraisePlace();
  const { zone } = useClock();
  const { lids, start } = draft.handling;
  const handle = (part: Partial<typeof draft.handling>) => change({ handling: { ...draft.handling, ...part } });
  const [day = "", time = ""] = start.split("T");
  const planned = adaptation?.ribbon.switchOn ?? "";
  const from = planned === "" ? `${draft.serveAt.split("T")[0]}T08:00` : localMoment(Date.parse(planned), zone);
  const turned = adaptation?.outcomes.some((one) => one.chosen && one.setting === "high-then-low");
  return (
    <div className="grid content-start gap-2">
      <h3 className="font-bold text-rim">Switching on, and looks</h3>
      {start === "" ? (
        <Button className="justify-self-start" onClick={() => handle({ start: from })}>
          Set the start yourself
        </Button>
      ) : (
        <div className="grid justify-items-start gap-1">
          <Figure
            label="Pot on at"
            value={time}
            maxLength={40}
            problem={problem("handling.start")}
            onChange={(value) => handle({ start: `${day}T${value}` })}
          />
          <Button onClick={() => handle({ start: "" })}>Leave it to the plan</Button>
        </div>
      )}
      <Figure
        label="A timer starts it later, by"
        size="text-lg"
        value={draft.handling.delay}
        maxLength={20}
        placeholder="no timer"
        problem={problem("handling.delay")}
        note={draft.handling.delay === "" ? undefined : "two hours at most, everything loaded cold"}
        onChange={(delay) => handle({ delay })}
      />
      {turned && (
        <Figure
          label="On High, before Low, for"
          size="text-lg"
          value={draft.handling.high}
          maxLength={20}
          placeholder="2 h"
          problem={problem("handling.high")}
          onChange={(high) => handle({ high })}
        />
      )}
      <p className="text-sm">{adaptation?.lookText}</p>
      {lids.map((typed, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: looks have no other identity
        <div key={index} className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-2">
          <Figure
            label={`Look ${index + 1}, hours after switching on`}
            size="text-lg"
            value={typed}
            maxLength={20}
            problem={problem(`handling.lids.${index}`)}
            onChange={(value) => handle({ lids: lids.map((kept, at) => (at === index ? value : kept)) })}
          />
          <Button
            weight="quiet"
            aria-label={`remove look ${index + 1}`}
            onClick={() => handle({ lids: lids.filter((_, at) => at !== index) })}
          >
            remove
          </Button>
        </div>
      ))}
      {lids.length < 6 && (
        <Button className="justify-self-start" onClick={() => handle({ lids: [...lids, "4 h"] })}>
          Plan a look under the lid
        </Button>
      )}
    </div>
  );
}
