import { Link } from "react-router";
import { useForgetAll, useForgetLearned, useLearned } from "../api/queries";
import type { HonestyView, LearnedThing, LearnedView, TickView } from "../api/types";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useWidth } from "../kit/useWidth";
import { Waiting } from "../kit/Waiting";

/** What the house has learned, cook by cook, and whether what it was told has held. */
export function LearnedPage() {
  useTitle("What has been learned");
  const learned = useLearned();
  const forget = useForgetAll();
  if (learned.data === undefined) {
    return (
      <>
        <h1 className="sr-only">Pausis</h1>
        <Waiting what="what has been learned" error={learned.error} again={() => learned.refetch()} />
      </>
    );
  }
  const { cookers, cuts, house, windows } = learned.data;
  return (
    <div className="mx-auto grid max-w-5xl gap-5">
      <h1 className="sr-only">Pausis</h1>
      <p>
        <Link to="/notebook" className="link">
          The notebook
        </Link>
      </p>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <PlaceHeading className="text-xl font-bold text-rim">What has been learned</PlaceHeading>
        <span className="text-soft">{learned.data.from}.</span>
      </div>
      {windows.length > 0 && <Honest learned={learned.data} />}
      <Panel title="Cookers">
        {cookers.map((thing) => (
          <Thing key={thing.id} thing={thing} forgettable />
        ))}
      </Panel>
      {cuts.length > 0 && (
        <Panel title="Cuts">
          {cuts.map((thing) => (
            <Thing key={thing.name} thing={thing} />
          ))}
        </Panel>
      )}
      {house.length > 0 && (
        <Panel title="This house">
          {house.map((thing) => (
            <Thing key={thing.name} thing={thing} />
          ))}
        </Panel>
      )}
      <p>
        <Button
          disabled={forget.isPending}
          onClick={() =>
            window.confirm("Forget all that was learned? The pages of the notebook stay.") && forget.mutate(undefined)
          }
        >
          Forget all of it
        </Button>{" "}
        <span className="text-sm text-soft">
          The pages of the notebook stay; a single cook is left out on its page.
        </span>
      </p>
    </div>
  );
}

function Honest({ learned }: { learned: LearnedView }) {
  return (
    <Panel title="Did the windows hold?">
      <p className="max-w-prose">{learned.honesty}</p>
      {learned.narrowed !== "" && <p className="max-w-prose">{learned.narrowed}</p>}
      {learned.next !== "" && <p className="max-w-prose">{learned.next}</p>}
      <div className="mt-3 grid gap-x-10 gap-y-4 table:grid-cols-2">
        {learned.windows.map((setting) => (
          <Windows key={setting.setting} of={setting} ticks={learned.ticks} />
        ))}
      </div>
    </Panel>
  );
}

const ROW = 8;

/** A row a cook: its window, and the looks between which the meat became ready, beside the likely time. */
function Windows({ of, ticks }: { of: HonestyView; ticks: TickView[] }) {
  const [box, width] = useWidth<HTMLDivElement>(480);
  const [from, to] = [ticks[0]?.at ?? -4, ticks.at(-1)?.at ?? 4];
  const x = (hours: number) => Math.min(width - 40, Math.max(40, 40 + ((hours - from) / (to - from)) * (width - 80)));
  const bottom = of.windows.length * ROW + 6;
  return (
    <figure ref={box}>
      <figcaption>
        <strong>{of.setting}:</strong> {of.text}
      </figcaption>
      <svg width={width} height={bottom + 20} aria-hidden="true" className="block max-w-full text-[13px]">
        {ticks.map((tick) => (
          <g key={tick.at}>
            <path d={`M${x(tick.at)} 0V${bottom}`} stroke={tick.at === 0 ? "var(--done)" : "var(--line)"} />
            <text x={x(tick.at)} y={bottom + 16} textAnchor="middle" fill="var(--soft)">
              {tick.text}
            </text>
          </g>
        ))}
        {of.windows.map((window, k) => (
          <g key={window.id} transform={`translate(0 ${k * ROW + 3})`}>
            <title>{window.text}</title>
            <rect
              x={x(window.earliest)}
              width={x(window.latest) - x(window.earliest)}
              height={ROW - 2}
              rx="2"
              fill="var(--done-wash)"
              stroke="var(--done)"
              strokeWidth=".7"
            />
            {window.by !== null && (
              <rect
                x={x(window.after ?? window.by) - (window.after === null ? 2 : 0)}
                y="1"
                width={Math.max(4, x(window.by) - x(window.after ?? window.by))}
                height={ROW - 4}
                fill={window.held.startsWith("too") ? "var(--heat)" : "var(--rim)"}
              />
            )}
          </g>
        ))}
      </svg>
    </figure>
  );
}

function Thing({ thing, forgettable = false }: { thing: LearnedThing; forgettable?: boolean }) {
  const forget = useForgetLearned(thing.id);
  return (
    <section aria-label={thing.name} className="grid gap-x-8 border-b border-line py-2 table:grid-cols-[1fr_22rem]">
      <div>
        <h3 className="font-bold">{thing.name}</h3>
        <p className="max-w-prose">{thing.says}</p>
        {forgettable && thing.course.length > 0 && (
          <button type="button" className="link text-sm" onClick={() => forget.mutate(undefined)}>
            Repaired, or another one: forget it
          </button>
        )}
      </div>
      {thing.course.length > 1 && <Course thing={thing} />}
    </section>
  );
}

const CHART = { width: 352, height: 84, left: 50 };

/** What was known after each cook, and between what it most likely lies. */
function Course({ thing }: { thing: LearnedThing }) {
  const most = thing.ticks.at(-1)?.at ?? 1;
  const y = (percent: number) => CHART.height / 2 - (percent / most) * (CHART.height / 2 - 8);
  const x = (cook: number) =>
    CHART.left + (cook / Math.max(1, thing.course.length - 1)) * (CHART.width - CHART.left - 8);
  const band = [
    ...thing.course.map((point, k) => `${x(k)},${y(point.most)}`),
    ...thing.course.map((point, k) => `${x(k)},${y(point.least)}`).reverse(),
  ].join(" ");
  return (
    <svg
      width={CHART.width}
      height={CHART.height}
      role="img"
      aria-label={`${thing.name}, cook by cook: ${thing.says}`}
      className="block max-w-full text-[12px]"
    >
      {thing.ticks.map((tick) => (
        <g key={tick.at}>
          <path
            d={`M${CHART.left} ${y(tick.at)}H${CHART.width - 8}`}
            stroke={tick.at === 0 ? "var(--edge)" : "var(--line)"}
          />
          {(tick.at === 0 || Math.abs(tick.at) === most) && (
            <text x={CHART.left - 6} y={y(tick.at) + 4} textAnchor="end" fill="var(--soft)">
              {tick.text}
            </text>
          )}
        </g>
      ))}
      <polygon points={band} fill="var(--changed)" stroke="var(--edge)" strokeWidth=".5" />
      <polyline
        points={thing.course.map((point, k) => `${x(k)},${y(point.percent)}`).join(" ")}
        fill="none"
        stroke="var(--rim)"
        strokeWidth="2"
      />
    </svg>
  );
}
