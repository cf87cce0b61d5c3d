import { RadioGroup } from "radix-ui";
import type { Adaptation, OutcomeView } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { ribbonScale } from "../clock/clockScale";
import { Hatches, useHatches } from "../clock/Hatches";
import { TEN_POTS_HEIGHT, TenPots } from "../clock/TenPots";
import { Moved } from "../kit/Moved";
import { useWidth } from "../kit/useWidth";
import { useUnderRibbon } from "./useUnderRibbon";

const HOUR = 3_600_000;
/** What its words take beside the line. */
const SIXTY_PX = 96;

/** Each way of running the cooker as ten such pots under the same clock. */
export function Settings({ adaptation }: { adaptation: Adaptation }) {
  const { draft, change } = useBraisePlace();
  const [box, width] = useWidth<HTMLDivElement>(900);
  const [offset, whole] = useUnderRibbon(box, width);
  const chosen = adaptation.outcomes.find((one) => one.chosen);
  return (
    <section ref={box} aria-labelledby="settings" data-effect="settings">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 id="settings" className="text-lg font-bold text-rim">
          Ten pots like yours, a line each
        </h3>
        <p className="text-sm text-soft">
          bare while tough, leaning green when tender, dotted yellow past its best, pale once the sauce is begun
        </p>
        {draft.setting !== "auto" && (
          <button type="button" className="link ml-auto text-sm" onClick={() => change({ setting: "auto" })}>
            let the plan choose
          </button>
        )}
      </div>
      <RadioGroup.Root
        aria-label="Setting"
        value={chosen?.setting ?? ""}
        onValueChange={(setting) => change({ setting })}
        className="grid gap-1 pt-0.5"
      >
        {adaptation.outcomes.map((outcome) => (
          <Row
            key={outcome.setting}
            outcome={outcome}
            adaptation={adaptation}
            width={width}
            offset={offset}
            whole={whole}
            texture={draft.texture}
          />
        ))}
      </RadioGroup.Root>
      {chosen !== undefined && chosen.help !== "" && (
        <p className="text-sm" data-testid="help">
          <span className="font-bold text-rim">To know better: </span>
          {chosen.help}
        </p>
      )}
    </section>
  );
}

function Row({
  outcome,
  adaptation,
  width,
  offset,
  whole,
  texture,
}: {
  outcome: OutcomeView;
  adaptation: Adaptation;
  width: number;
  offset: number;
  whole: number;
  texture: string;
}) {
  const hatches = useHatches();
  const { ribbon } = adaptation;
  const scale = ribbonScale(ribbon, 2 - offset, whole - 2 - offset);
  const serve = Date.parse(ribbon.serve);
  const likely = outcome.windows.find((one) => one.level === texture)?.likely ?? 8;
  // Where no plan works, as if it were ready for dinner: the hours compare, not the moments.
  const on =
    outcome.switchOn !== ""
      ? Date.parse(outcome.switchOn)
      : Math.max(
          scale.from,
          Date.parse(ribbon.switchOn || ribbon.serve) - (ribbon.switchOn === "" ? likely * HOUR : 0),
        );
  const sauce = ribbon.sauce === "" ? serve : Date.parse(ribbon.sauce);
  const window = outcome.windows.find((one) => one.level === texture);
  const label = (hours: number | null | undefined) => scale.x(on + (hours ?? 99) * HOUR);
  const [tender, past] = [outcome.pots[0]?.tender, outcome.pots[0]?.past];
  const limit = scale.x(on + outcome.core60Latest * HOUR);
  const before = tender != null && label(tender) - limit < SIXTY_PX && limit > SIXTY_PX - 14;
  return (
    <article aria-label={`On ${outcome.label}`}>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <RadioGroup.Item
          value={outcome.setting}
          disabled={!outcome.safe}
          aria-label={`${outcome.label}${outcome.chosen ? "" : `: take ${outcome.label}`}`}
          className="group flex min-h-8 items-center gap-2 text-xl font-bold disabled:opacity-60"
        >
          <span
            aria-hidden="true"
            className="inline-block size-4.5 rounded-full border-2 border-edge bg-panel group-data-[state=checked]:border-[5px] group-data-[state=checked]:border-rim"
          />
          {outcome.label}
        </RadioGroup.Item>
        <p className="text-lg">
          <strong>
            <Moved>{window?.text ?? ""}</Moved>
          </strong>{" "}
          <span className="text-sm text-soft">{window?.label.toLowerCase()}, nine pots in ten</span>
        </p>
        <p className="text-sm text-soft">
          <Moved>{outcome.day}</Moved>
        </p>
        {outcome.why !== "" && <p className="text-sm font-semibold text-rim">{outcome.why}</p>}
        {!outcome.safe && (
          <p className="ml-auto text-sm font-semibold text-heat">
            <span aria-hidden="true">■ </span>
            {outcome.safety}
          </p>
        )}
      </div>
      <svg width={width} height={TEN_POTS_HEIGHT + 16} className="block max-w-full" aria-hidden="true">
        <Hatches id={hatches.id} />
        {scale
          .ticks(width > 700 ? 46 : 34)
          .filter((tick) => scale.x(tick) > 0)
          .map((tick) => (
            <path key={tick} d={`M${scale.x(tick)} 14V${TEN_POTS_HEIGHT + 14}`} stroke="var(--line)" />
          ))}
        <TenPots
          pots={outcome.pots}
          on={on}
          until={outcome.works ? sauce : scale.to}
          end={scale.to}
          x={scale.x}
          y={16}
          fills={hatches}
          faint={!outcome.works}
        />
        {tender != null && label(tender) < scale.x(scale.to) - 50 && (
          <text x={label(tender) + 3} y={11} fontSize="12.5" fontWeight="700" style={{ fill: "var(--done)" }}>
            tender
          </text>
        )}
        {past != null && label(past) < scale.x(scale.to) - 60 && label(past) - label(tender) > 56 && (
          <text x={label(past) + 3} y={11} fontSize="12.5" fontWeight="700" style={{ fill: "var(--attention-ink)" }}>
            past its best
          </text>
        )}
        {outcome.works && outcome.core60Clock !== "" && (
          <g>
            <path d={`M${limit} ${before ? 14 : 8}V${TEN_POTS_HEIGHT + 14}`} stroke="var(--heat)" strokeWidth="1.6" />
            <text
              x={before ? Math.max(limit - 5, SIXTY_PX - 8) : limit + 5}
              y={11}
              textAnchor={before ? "end" : "start"}
              fontSize="12.5"
              style={{ fill: "var(--heat)" }}
            >
              {outcome.sixty} by {outcome.core60Clock}
              {width > 700 ? `, limit ${outcome.limitClock}` : ""}
            </text>
          </g>
        )}
        <path d={`M${scale.x(serve)} 12V${TEN_POTS_HEIGHT + 14}`} stroke="var(--rim)" strokeWidth="3" />
      </svg>
    </article>
  );
}
