import { type KeyboardEvent, useId, useState } from "react";
import type { RibbonView } from "../api/types";
import { useWidth } from "../kit/useWidth";
import { type ClockScale, moment, ribbonScale, stretches } from "./clockScale";
import { Hatches, useHatches } from "./Hatches";
import { PotLane } from "./PotLane";
import { type Placed, placed } from "./phrases";
import { useClock } from "./useClock";

const STEP = 5 * 60_000;
const KEYS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageUp: 6,
  PageDown: -6,
};
const HANDS = { label: 13, time: 17 };

type Grab = { what: "serve" | "on" | "at"; at: number };

/**
 * The day on one clock, the verdict written along it: the pot over the hands that work and the hours when nobody is home.
 *
 * Dinner and the pot can be grabbed, or moved by arrow keys; anywhere else the moment that the pictures show is.
 */
export function Ribbon({
  ribbon,
  before = null,
  said,
  lead,
  bare = false,
  at = null,
  onServe,
  onStart,
  onAt,
}: {
  ribbon: RibbonView;
  before?: RibbonView | null;
  said: string;
  lead?: string;
  bare?: boolean;
  at?: number | null;
  onServe?: (milliseconds: number) => void;
  onStart?: (milliseconds: number) => void;
  onAt?: (milliseconds: number | null) => void;
}) {
  const [box, width] = useWidth<HTMLDivElement>(1232);
  const hatches = useHatches();
  const clock = useClock();
  const titled = useId();
  const [grab, setGrab] = useState<Grab | null>(null);
  const scale = ribbonScale(ribbon, 2, width - 2);
  const phrases = bare ? null : placed(ribbon.phrases, scale.x, 2, width - 2);
  const top = bare ? (lead === undefined ? 4 : 22) : 40;
  const [lane, hands] = [15, 9];
  const bottom = top + lane + hands + 2;
  const height = bottom + 17;
  const [on, sauce, serve] = [moment(ribbon.switchOn), moment(ribbon.sauce), Date.parse(ribbon.serve)];
  const now = Date.parse(ribbon.now);
  const rounded = (x: number) => Math.round(scale.at(x) / STEP) * STEP;
  const held = (what: Grab["what"], otherwise: number) => (grab?.what === what ? grab.at : otherwise);
  const pointer = (what: Grab["what"]) => ({
    onPointerDown: (event: React.PointerEvent<SVGElement>) => {
      if ((what === "at" && !onAt) || (what === "serve" && !onServe) || (what === "on" && !onStart)) {
        return;
      }
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      move(what, event);
    },
    onPointerMove: (event: React.PointerEvent<SVGElement>) => grab?.what === what && move(what, event),
    onPointerUp: () => {
      if (grab?.what === what) {
        setGrab(null);
        what === "serve" && onServe?.(grab.at);
        what === "on" && onStart?.(grab.at);
      }
    },
    onPointerCancel: () => setGrab(null),
    style: { touchAction: "none" as const },
  });
  const move = (what: Grab["what"], event: React.PointerEvent<SVGElement>) => {
    const left = box.current?.getBoundingClientRect().left ?? 0;
    const moved = rounded(event.clientX - left);
    setGrab({ what, at: moved });
    what === "at" && onAt?.(moved);
  };
  const keys = (of: number, send: (at: number) => void) => (event: KeyboardEvent) => {
    const by = KEYS[event.key];
    if (by !== undefined) {
      event.preventDefault();
      send(of + by * STEP);
    }
  };
  const plate = scale.x(held("serve", serve));
  return (
    <div ref={box} className="relative" data-ribbon>
      <svg width={width} height={height} className="block max-w-full select-none" aria-labelledby={titled}>
        <title id={titled}>The day</title>
        <Hatches id={hatches.id} />
        {lead !== undefined && bare && (
          <text x={2} y={15} fontSize="14">
            {lead}
          </text>
        )}
        <Frame scale={scale} top={top} bottom={bottom} width={width} clock={clock} />
        <rect
          x={2}
          y={top}
          width={width - 4}
          height={bottom - top}
          fill="transparent"
          className={onAt ? "cursor-crosshair" : ""}
          {...pointer("at")}
        />
        <g className="pointer-events-none">
          {stretches(ribbon.away).map((span) => (
            <rect
              key={span.from}
              x={scale.x(span.from)}
              y={top + lane + 2}
              width={Math.max(0, scale.x(span.to) - scale.x(span.from))}
              height={hands}
              fill={hatches.away}
            />
          ))}
          {stretches(ribbon.work).map((span) => (
            <rect
              key={`${span.from} ${span.to}`}
              x={scale.x(span.from)}
              y={top + lane + 2}
              width={Math.max(2, scale.x(span.to) - scale.x(span.from) - 0.75)}
              height={hands}
              fill="var(--rim)"
            />
          ))}
        </g>
        {on !== null && sauce !== null && (
          <g
            {...pointer("on")}
            {...(onStart
              ? {
                  role: "slider",
                  tabIndex: 0,
                  "aria-label": "Pot on",
                  "aria-valuemin": 0,
                  "aria-valuemax": Math.round(width),
                  "aria-valuenow": Math.round(scale.x(held("on", on))),
                  "aria-valuetext": clock.time(held("on", on)),
                  onKeyDown: keys(on, onStart),
                  className: "cursor-ew-resize",
                }
              : {})}
          >
            <PotLane
              pots={ribbon.pots}
              on={held("on", on)}
              until={Math.max(held("on", on), sauce)}
              x={scale.x}
              y={top + 1}
              height={lane}
              fills={hatches}
            />
            <rect
              x={scale.x(held("on", on)) - 12}
              y={top - 4}
              width={24}
              height={bottom - top + 8}
              fill="transparent"
            />
          </g>
        )}
        <Before before={before} ribbon={ribbon} scale={scale} top={top} bottom={bottom} />
        {phrases?.map((one) => (
          <Phrase key={one.phrase.kind} placed={one} top={top} bottom={bottom} />
        ))}
        {now > scale.from && now < scale.to && (
          <g className="pointer-events-none">
            <path d={`M${scale.x(now)} ${top - 5}V${bottom + 3}`} stroke="var(--heat)" strokeWidth="2.5" />
            <path d={`M${scale.x(now)} ${bottom - 1}l6 8h-12z`} fill="var(--heat)" />
            {!bare && (
              <text x={scale.x(now) + 6} y={top + 13} fontSize="12.5" fontWeight="700" style={{ fill: "var(--heat)" }}>
                now {clock.time(now)}
              </text>
            )}
          </g>
        )}
        {at !== null && (
          <g className="pointer-events-none">
            <path d={`M${scale.x(at)} ${top - 3}V${bottom + 2}`} stroke="var(--rim)" strokeWidth="3" />
            <circle cx={scale.x(at)} cy={top - 3} r="4" fill="var(--rim)" />
          </g>
        )}
        <g
          {...pointer("serve")}
          {...(onServe
            ? {
                role: "slider",
                tabIndex: 0,
                "aria-label": "Eat",
                "aria-valuemin": 0,
                "aria-valuemax": Math.round(width),
                "aria-valuenow": Math.round(plate),
                "aria-valuetext": clock.time(held("serve", serve)),
                onKeyDown: keys(serve, onServe),
                className: "cursor-ew-resize",
              }
            : {})}
        >
          <rect x={plate - 16} y={top - 4} width={32} height={34} fill="transparent" />
          <circle cx={plate} cy={top + 13} r="13" fill="var(--panel)" stroke="var(--rim)" strokeWidth="3" />
          <circle cx={plate} cy={top + 13} r="8" fill="none" stroke="var(--rim)" strokeWidth="1.3" />
        </g>
        {grab !== null && grab.what !== "at" && (
          <g className="pointer-events-none">
            <rect
              x={Math.min(width - 60, Math.max(2, scale.x(grab.at) - 28))}
              y={top - 26}
              width={58}
              height={21}
              rx="6"
              fill="var(--rim)"
            />
            <text
              x={Math.min(width - 31, Math.max(31, scale.x(grab.at) + 1))}
              y={top - 11}
              textAnchor="middle"
              fontSize="14"
              fontWeight="700"
              style={{ fill: "var(--on-rim)" }}
            >
              {clock.time(grab.at)}
            </text>
          </g>
        )}
      </svg>
      {!bare &&
        (phrases === null || ribbon.phrases.length === 0 ? (
          <p
            data-testid="verdict"
            title={said}
            className="absolute top-0 left-0 line-clamp-2 w-full text-base leading-[1.15] font-bold"
          >
            {said}
          </p>
        ) : (
          <p data-testid="verdict" className="sr-only">
            {said}
          </p>
        ))}
    </div>
  );
}

function Frame({
  scale,
  top,
  bottom,
  width,
  clock,
}: {
  scale: ClockScale;
  top: number;
  bottom: number;
  width: number;
  clock: ReturnType<typeof useClock>;
}) {
  const ticks = scale.ticks(width > 700 ? 46 : 42);
  let day = "";
  return (
    <g className="pointer-events-none">
      <rect x={1} y={top} width={width - 2} height={bottom - top} rx="6" fill="var(--panel)" />
      {ticks.map((tick) => {
        const weekday = clock.weekday(tick);
        const x = scale.x(tick);
        const crowded = x < 40 && scale.folds.some((fold) => fold.left < 80);
        const fresh = weekday !== day && scale.folds.length > 0 && width > 700 && !crowded;
        day = weekday;
        return (
          <g key={tick}>
            <path d={`M${x} ${top}V${bottom + 3}`} stroke="var(--line)" />
            <text
              x={x < 40 ? 2 : Math.min(width - 16, x)}
              y={bottom + 14}
              textAnchor={x < 40 ? "start" : "middle"}
              fontSize="12"
              style={{ fill: "var(--soft)" }}
            >
              {fresh && `${weekday} `}
              {!(fresh && x < 40) && (width > 700 ? clock.time(tick) : clock.hour(tick))}
            </text>
          </g>
        );
      })}
      {scale.folds.map((fold) => (
        <g key={fold.left}>
          {[0.25, 0.45, 0.65].map((share) => {
            const x = fold.left + (fold.right - fold.left) * share;
            return (
              <path key={share} d={`M${x} ${top + 2}L${x + 6} ${bottom - 2}`} stroke="var(--line)" strokeWidth="4" />
            );
          })}
          {fold.right - fold.left > 40 && (
            <text
              x={(fold.left + fold.right) / 2}
              y={bottom + 14}
              textAnchor="middle"
              fontSize="12"
              fontStyle="italic"
              style={{ fill: "var(--soft)" }}
            >
              night
            </text>
          )}
        </g>
      ))}
      <rect
        x={1}
        y={top}
        width={width - 2}
        height={bottom - top}
        rx="6"
        fill="none"
        stroke="var(--rim)"
        strokeWidth="2"
      />
    </g>
  );
}

function Phrase({ placed: one, top, bottom }: { placed: Placed; top: number; bottom: number }) {
  const y = one.row === 0 ? 16 : 34;
  const right = one.side === "right";
  return (
    <g className="pointer-events-none">
      <path
        d={`M${one.x} ${y - 13}V${one.phrase.kind === "serve" ? top : bottom}`}
        stroke="var(--rim)"
        strokeWidth="1.6"
      />
      <text x={one.x + (right ? 5 : -5)} y={y} textAnchor={right ? "start" : "end"} fontSize={HANDS.label}>
        {one.phrase.before}{" "}
        <tspan fontSize={HANDS.time} fontWeight="700">
          {one.phrase.clock}
        </tspan>{" "}
        {one.phrase.after}
      </text>
    </g>
  );
}

/** Where the pot and dinner were before the last change: a dashed stem. */
function Before({
  before,
  ribbon,
  scale,
  top,
  bottom,
}: {
  before: RibbonView | null;
  ribbon: RibbonView;
  scale: ClockScale;
  top: number;
  bottom: number;
}) {
  const moves =
    before === null
      ? []
      : ([
          [moment(before.switchOn), moment(ribbon.switchOn)],
          [Date.parse(before.serve), Date.parse(ribbon.serve)],
        ] as const);
  return (
    <g className="pointer-events-none">
      {moves.map(([was, is]) =>
        was === null || is === null || was === is || was < scale.from || was > scale.to ? null : (
          <g key={was}>
            <path
              d={`M${scale.x(was)} ${top - 6}V${bottom + 2}`}
              stroke="var(--rim)"
              strokeWidth="1.6"
              strokeDasharray="3 3"
            />
            <path
              d={`M${scale.x(was)} ${top - 5}H${scale.x(is) - (is > was ? 3 : -3)}`}
              stroke="var(--rim)"
              strokeWidth="1.2"
              fill="none"
            />
          </g>
        ),
      )}
    </g>
  );
}
