import { Collapsible } from "radix-ui";
import { useRef } from "react";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { ComparePanel } from "../compare/ComparePanel";
import { AS_THE_RECIPE } from "../compare/variants";
import { Pick } from "../kit/Figure";
import { Moved } from "../kit/Moved";
import { Sum } from "../kit/Sum";
import { useTable } from "../kit/useTable";
import { useWidth } from "../kit/useWidth";
import { Before } from "./Before";
import { Figures } from "./Figures";
import { Leaders, type Target } from "./Leaders";
import { Levels } from "./Levels";
import { PotNow } from "./PotNow";
import { potGeometry } from "./PotPicture";
import { Settings } from "./Settings";
import { Start } from "./Start";
import { Temperatures } from "./Temperatures";

const MOST = { table: 258, phone: 190 };
const MARGIN = { table: 26, phone: 6 };

/** What goes into the pot, the pot to scale, and what each setting makes of it. */
export function PotPlace() {
  const { draft, adaptation, before, at, change } = useBraisePlace();
  const table = useTable();
  const container = useRef<HTMLDivElement>(null);
  const [picture, width] = useWidth<HTMLDivElement>(640);
  const [most, margin] = table ? [MOST.table, MARGIN.table] : [MOST.phone, MARGIN.phone];
  const targets: Record<string, Target> = {};
  if (adaptation !== null && table) {
    const { pot, levels } = adaptation;
    const geometry = potGeometry(pot, width, most, margin);
    const at = (x: number, height: number) => ({ x: geometry.left + x * geometry.scale, y: geometry.y(height) });
    const long = pot.piece[2] ?? 1;
    const slot = pot.width / Math.max(1, Math.min(pot.pieces, Math.floor(pot.width / (long + 0.15)) || 1));
    targets.meat = at(
      slot / 2 - Math.min(long, slot) * 0.2,
      pot.order === "meat-under" ? pot.meat / 2 : pot.vegetables + pot.meat / 2,
    );
    for (const level of levels) {
      targets[`level-${level.value}`] = at(pot.width + 1.1, level.level);
    }
  }
  const school = (level: string) => change({ level });
  return (
    <>
      <PlaceHeading className="sr-only">The pot</PlaceHeading>
      <div
        ref={container}
        className="relative grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 pt-2 table:grid-cols-[17rem_minmax(0,1fr)_15.5rem]"
      >
        <div className="order-4 table:order-1">
          <Figures />
        </div>
        {adaptation && (
          <div className="order-1 sticky top-[var(--strip)] z-20 -mx-4 bg-ground px-4 pb-1 table:static table:z-0 table:order-2 table:mx-0 table:px-0">
            <div ref={picture}>
              <PotNow
                adaptation={adaptation}
                before={before}
                at={at}
                school={draft.level}
                most={most}
                margin={margin}
                onSchool={school}
              />
            </div>
            {table && <Below />}
          </div>
        )}
        {adaptation && (
          <div className="order-3 grid content-start gap-3" data-effect="liquid">
            {!table && <Below />}
            <Levels levels={adaptation.levels} value={draft.level} onChange={school} />
          </div>
        )}
        {adaptation && (
          <div className="order-2 table:order-4 table:col-span-3">
            <Settings adaptation={adaptation} />
          </div>
        )}
        {adaptation && table && <Leaders container={container} picture={picture} targets={targets} />}
      </div>
      <div className="mt-3 grid gap-x-8 gap-y-3 table:grid-cols-[17rem_1fr_1fr_1fr]">
        <Before />
        {adaptation && <Rest />}
      </div>
    </>
  );
}

/** The figures that the picture leads to, under it. */
function Below() {
  const { adaptation, at, lookAt } = useBraisePlace();
  if (adaptation === null) {
    return null;
  }
  const { liquid, salt, pot, ribbon } = adaptation;
  const moments = [
    { label: "as loaded", moment: null },
    ...ribbon.phrases
      .filter((phrase) => ["test", "likely", "sauce"].includes(phrase.kind))
      .map((phrase) => ({ label: `at ${phrase.clock}`, moment: Date.parse(phrase.at) })),
  ];
  return (
    <div className="table:mx-auto table:max-w-[42rem]">
      <p className="flex flex-wrap gap-x-4 text-sm">
        <span className="text-soft">The pot</span>
        {moments.map((one) => (
          <button
            key={one.label}
            type="button"
            aria-pressed={at === one.moment}
            className="link aria-pressed:font-bold aria-pressed:text-ink aria-pressed:no-underline"
            onClick={() => lookAt(one.moment)}
          >
            {one.label}
          </button>
        ))}
      </p>
      <p className="relative text-sm">
        <strong className="text-2xl">
          <Moved at="end">{liquid.load}</Moved>
        </strong>{" "}
        loaded, stands at {pot.levelText}; the recipe pours {liquid.recipe}. {liquid.reduce !== "" && `${liquid.text} `}
      </p>
      <dl className="mt-1 grid grid-cols-4 gap-x-3 border-t-2 border-rim pt-1 text-sm [&_dt]:text-xs [&_dt]:text-soft">
        {[
          [liquid.target, "of sauce"],
          [pot.fatText, "fat to skim"],
          [salt.after, "salt"],
          [pot.endText, "high at the end"],
        ].map(([figure = "", what = ""]) => (
          <div key={what} className="flex flex-col-reverse">
            <dt>{what}</dt>
            <dd className="text-lg leading-tight font-bold">
              <Moved at="beside">{figure}</Moved>
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** How it lies in the pot, and how it is wanted. */
function Liked() {
  const { draft, catalogue, change } = useBraisePlace();
  return (
    <div className="grid gap-y-1.5">
      <Pick
        label="Layers"
        wide
        value={draft.handling.layers}
        options={catalogue.layers}
        onChange={(layers) => change({ handling: { ...draft.handling, layers } })}
      />
      <Pick
        label="Meat wanted"
        wide
        value={draft.texture}
        options={catalogue.textures}
        onChange={(texture) => change({ texture })}
      />
      <Pick
        label="Sauce wanted"
        wide
        value={draft.thickness}
        options={catalogue.thicknesses}
        onChange={(thickness) => change({ thickness })}
      />
      {draft.thickness !== AS_THE_RECIPE && (
        <Pick
          label="Thickened with"
          wide
          value={draft.thickener}
          options={catalogue.bodies}
          onChange={(thickener) => change({ thickener })}
        />
      )}
    </div>
  );
}

/** How it is liked, starting it otherwise, the sums behind the figures, and the same braise another way. */
function Rest() {
  const { adaptation } = useBraisePlace();
  return adaptation === null ? null : (
    <>
      <div className="grid content-start gap-3">
        <Liked />
        <Start />
      </div>
      <section aria-labelledby="sums">
        <h3 id="sums" className="font-bold text-rim">
          Sums
        </h3>
        <Sum sum={adaptation.liquid.original} />
        <Sum sum={adaptation.liquid.atEnd} />
        <Sum sum={adaptation.salt.sum} />
        <p className="text-sm text-soft">{adaptation.salt.text}</p>
        <Sum sum={adaptation.pot.below} />
        <Sum sum={adaptation.before} />
        <Sum sum={adaptation.finish} />
      </section>
      <section aria-labelledby="beside">
        <h3 id="beside" className="font-bold text-rim">
          Beside another way
        </h3>
        <ComparePanel />
        <Collapsible.Root>
          <Collapsible.Trigger className="link text-sm">Temperatures</Collapsible.Trigger>
          <Collapsible.Content>
            <Temperatures adaptation={adaptation} />
          </Collapsible.Content>
        </Collapsible.Root>
      </section>
    </>
  );
}
