import { Link } from "react-router";
import type { FreeCookerView, PlannedView, RunningView } from "../api/types";
import { Ribbon } from "../clock/Ribbon";
import { useTable } from "../kit/useTable";
import { useWidth } from "../kit/useWidth";
import { PotPicture, potGeometry } from "../pot/PotPicture";

const MOST = { table: 360, phone: 200 };

/** A pot that is on, as it is now, with its next thing. */
export function RunningPot({ pot }: { pot: RunningView }) {
  const [box, width] = useWidth<HTMLDivElement>(600);
  const table = useTable();
  const view = pot.pot;
  const geometry = view && potGeometry(view, width, table ? MOST.table : MOST.phone, 14);
  return (
    <article aria-label={pot.title} className="min-w-0">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h3 className="text-xl font-bold" dir="auto">
          <Link to={`/cooks/${pot.cookId}`} className="text-ink hover:underline">
            {pot.title}
          </Link>
        </h3>
        <span className="text-sm text-soft">on now</span>
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        {pot.next && (
          <p className="leading-tight">
            <span className="mr-2 text-4xl font-bold text-rim">{pot.next.clock}</span>
            <span className="text-lg font-bold">
              {pot.next.text}
              {pot.next.who !== "" && `, ${pot.next.who}`}
            </span>
            <span className="block text-sm text-soft">{pot.nextIn}</span>
          </p>
        )}
        <Link
          to={`/cooks/${pot.cookId}`}
          className="inline-flex min-h-11 items-center rounded-lg bg-rim px-5 font-semibold text-on-rim"
        >
          To the stove
        </Link>
      </div>
      <p className={`text-sm font-semibold ${pot.late === "" && pot.flags === 0 ? "text-done" : "text-heat"}`}>
        <span aria-hidden="true">{pot.late === "" && pot.flags === 0 ? "✓ " : "▲ "}</span>
        {pot.flags > 0 && `${pot.flags === 1 ? "Something is" : `${pot.flags} things are`} wrong with it. `}
        {pot.headline}
      </p>
      <div aria-hidden="true">
        <Ribbon ribbon={pot.ribbon} said={pot.headline} bare />
      </div>
      {view && geometry && (
        <div ref={box}>
          <svg width={width} height={geometry.height} className="block max-w-full">
            <title>{`${pot.title} now: ${pot.moment?.text ?? pot.setting}`}</title>
            <PotPicture
              pot={view}
              geometry={geometry}
              level={pot.moment?.level ?? view.level}
              tender={pot.moment?.tender ?? 0}
              fat={(pot.moment?.hour ?? 0) > 2 ? view.fat : 0}
              heat={pot.setting.toLowerCase().startsWith("low") ? 1 : 2}
            />
          </svg>
          <p className="text-center text-sm text-soft">{pot.moment?.text ?? `${pot.setting}, on for ${pot.sinceOn}`}</p>
        </div>
      )}
    </article>
  );
}

/** The pot that is planned next, as it is loaded. */
export function NextPot({ braise }: { braise: PlannedView }) {
  const [box, width] = useWidth<HTMLDivElement>(600);
  const table = useTable();
  const view = braise.pot;
  const geometry = view && potGeometry(view, width, table ? MOST.table : MOST.phone, 14);
  const on = braise.ribbon?.phrases.find((phrase) => phrase.kind === "on");
  return (
    <article aria-label={`Next: ${braise.title}`} className="min-w-0">
      <p className="text-sm text-soft">No pot is on. Next, {braise.day}:</p>
      <h3 className="text-xl font-bold" dir="auto">
        <Link to={`/braises/${braise.id}/pot`} className="text-ink hover:underline">
          {braise.title}
        </Link>
      </h3>
      {on && (
        <p className="text-lg">
          {on.before} <strong className="text-2xl text-rim">{on.clock}</strong> {on.after}
        </p>
      )}
      {view && geometry && (
        <div ref={box}>
          <svg width={width} height={geometry.height} className="block max-w-full">
            <title>{view.text}</title>
            <PotPicture pot={view} geometry={geometry} level={view.level} end={view.levelAtEnd} />
          </svg>
        </div>
      )}
    </article>
  );
}

/** A cooker with nothing in it, to its size. */
export function EmptyPot({ cooker }: { cooker: FreeCookerView }) {
  const scale = 5.2;
  const [w, d] = [cooker.length * scale, cooker.depth * scale];
  return (
    <figure className="grid justify-items-center">
      <svg width={w + 24} height={d + 26} role="img" aria-label={`${cooker.name} is free`}>
        <path
          d={`M8 14V${d - 2}Q8 ${d + 14} 22 ${d + 14}H${w + 2}Q${w + 16} ${d + 14} ${w + 16} ${d - 2}V14`}
          fill="var(--panel)"
          stroke="var(--wall)"
          strokeWidth="6"
        />
        <path d={`M2 12h${w + 20}`} stroke="var(--wall)" strokeWidth="5" strokeLinecap="round" />
        <path d={`M${w / 2 + 2} 5h20`} stroke="var(--wall)" strokeWidth="5" strokeLinecap="round" />
      </svg>
      <figcaption className="text-sm text-soft">{cooker.name} is free</figcaption>
    </figure>
  );
}
