import type { AnswerOutlook, Choice, ForkOutlook } from "../api/types";
import { clockScale } from "../clock/clockScale";
import { useClock } from "../clock/useClock";
import { useWidth } from "../kit/useWidth";

const LINE = 2.9;
const HEIGHT = 10 * LINE + 2;
const PLATE = 12;
const HALF_HOUR = 1_800_000;

/** Four answers as four rows on one clock: each shows what it would lead to, and is pressed to give it. */
export function ForkRows({
  outlook,
  answers,
  onAnswer,
}: {
  outlook: ForkOutlook | undefined;
  answers: Choice[];
  onAnswer: (answer: string) => void;
}) {
  const [box, width] = useWidth<HTMLDivElement>(358);
  const clock = useClock();
  const scale =
    outlook && clockScale({ from: Date.parse(outlook.from), to: Date.parse(outlook.to) }, [], 2, width - PLATE - 2, 0);
  return (
    <div ref={box}>
      <svg width={width} height={20} className="block" aria-hidden="true">
        {scale &&
          outlook &&
          scale
            .ticks(44)
            .filter((tick) => Math.abs(tick - Date.parse(outlook.now)) > HALF_HOUR / 2)
            .map((tick) => (
              <text key={tick} x={scale.x(tick)} y={13} fontSize="13" textAnchor="middle" fontWeight="600">
                {clock.hour(tick)}
              </text>
            ))}
        {scale && outlook && <path d={`M${scale.x(Date.parse(outlook.now)) - 6} 4h12l-6 9z`} fill="var(--heat)" />}
        <path d={`M0 18.5H${width}`} stroke="var(--rim)" strokeWidth="2" />
      </svg>
      <ul>
        {answers.map((answer) => {
          const told = outlook?.answers.find((one) => one.value === answer.value);
          return (
            <li key={answer.value} className="border-b border-line last:border-0">
              <button
                type="button"
                className="block min-h-[5.5rem] w-full py-0.5 text-left hover:bg-sunk"
                onClick={() => onAnswer(answer.value)}
              >
                <span className="flex items-baseline gap-2">
                  <Standing answer={answer.value} />
                  <strong className="text-[1.4rem] leading-7 table:text-3xl">{answer.label}</strong>
                  <span className="min-w-0 flex-1 truncate text-sm text-soft">{told?.hint ?? answer.hint}</span>
                  {told &&
                    (told.ready ? (
                      <strong className="text-xl text-done">ready</strong>
                    ) : (
                      <span className="text-sm text-soft">
                        likely <strong className="text-xl text-ink tabular-nums">{told.likely}</strong>
                      </span>
                    ))}
                </span>
                {told && scale && outlook ? (
                  <Pots told={told} outlook={outlook} width={width} x={scale.x} />
                ) : (
                  <span className="block h-[2.2rem] text-sm text-soft">working out what it would lead to…</span>
                )}
                {told && (
                  <span className="flex items-baseline justify-between gap-2">
                    <span className={`text-[0.95rem] ${told.ready ? "font-semibold text-done" : ""}`}>
                      {told.ready ? told.keep : told.window}
                    </span>
                    <strong className="tabular-nums text-rim">
                      <span className="sr-only">, dinner at </span>
                      {told.serveText}
                    </strong>
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ul>
      {outlook?.cost && <p className="pt-1 text-sm text-soft">{outlook.cost}</p>}
    </div>
  );
}

/** Ten such pots, a line each: tight while tough, thick when tender, dotted past their best; a plate where dinner would be. */
function Pots({
  told,
  outlook,
  width,
  x,
}: {
  told: AnswerOutlook;
  outlook: ForkOutlook;
  width: number;
  x: (at: number) => number;
}) {
  const on = Date.parse(outlook.on);
  const [serve, planned, now] = [Date.parse(told.serve), Date.parse(outlook.serve), Date.parse(outlook.now)];
  const end = x(serve);
  const until = told.until === "" ? end : x(Date.parse(told.until));
  const at = (hours: number | null) => Math.min(end, hours === null ? end : x(on + hours * 3_600_000));
  return (
    <svg width={width} height={HEIGHT + 4} className="block overflow-visible" aria-hidden="true">
      {told.pots.map((pot, index) => {
        const y = 2 + index * LINE + LINE / 2;
        const tender = told.ready ? Math.min(at(pot.tender), x(now)) : at(pot.tender);
        const past = Math.max(tender, Math.min(at(pot.past), until));
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: the pots are told apart by their order
          <g key={index}>
            <path d={`M0 ${y}H${tender}`} stroke="var(--heat)" strokeWidth="1.2" />
            <path d={`M${tender} ${y}H${past}`} stroke="var(--done)" strokeWidth="2.4" />
            <path
              d={`M${past} ${y}H${end}`}
              stroke={told.ready ? "var(--done)" : "var(--attention)"}
              strokeOpacity={told.ready ? 0.3 : 1}
              strokeDasharray={told.ready ? undefined : "3 1.5"}
              strokeWidth="2.4"
            />
          </g>
        );
      })}
      <path d={`M${x(now)} 0V${HEIGHT + 3}`} stroke="var(--heat)" strokeWidth="2.5" />
      {told.until !== "" && until > x(now) && (
        <path d={`M${until} 0V${HEIGHT + 3}`} stroke="var(--rim)" strokeWidth="2" />
      )}
      {told.next !== "" && <Look x={x(Date.parse(told.next))} />}
      {told.moves && (
        <circle
          cx={x(planned)}
          cy={HEIGHT / 2 + 1}
          r={PLATE - 1}
          fill="none"
          stroke="var(--rim)"
          strokeDasharray="3 3"
          strokeWidth="1.5"
        />
      )}
      <circle cx={end} cy={HEIGHT / 2 + 1} r={PLATE} fill="var(--panel)" stroke="var(--rim)" strokeWidth="3.5" />
      <circle cx={end} cy={HEIGHT / 2 + 1} r={PLATE / 2.2} fill="none" stroke="var(--rim)" strokeWidth="1.5" />
    </svg>
  );
}

/** The next look under the lid. */
function Look({ x }: { x: number }) {
  return (
    <g transform={`translate(${x} ${HEIGHT / 2 + 1})`}>
      <circle r="11" fill="var(--panel)" stroke="var(--rim)" strokeWidth="2" />
      <path
        d="M-3.5 6V-1a3.5 3.5 0 0 1 7 0V6M0 6V-8"
        fill="none"
        stroke="var(--rim)"
        strokeWidth="1.8"
        strokeLinecap="round"
      />
    </g>
  );
}

/** How the fork stands in the meat. */
function Standing({ answer }: { answer: string }) {
  const deep = { resists: -7, gives: -2, "slides-in": 4, "falls-apart": 5 }[answer] ?? 0;
  const apart = answer === "falls-apart" ? 4 : 0;
  return (
    <svg width="38" height="30" viewBox="0 0 38 30" className="shrink-0 self-center" aria-hidden="true">
      <path
        d={`M${3 - apart / 2} 29q-2-16 ${14 - apart} -16v16z`}
        fill="var(--meat)"
        stroke="var(--meat-dark)"
        strokeWidth="1.5"
      />
      <path
        d={`M${35 + apart / 2} 29q2-16 ${-14 + apart} -16v16z`}
        fill="var(--meat)"
        stroke="var(--meat-dark)"
        strokeWidth="1.5"
      />
      {apart === 0 && <path d="M15 13h8v16h-8z" fill="var(--meat)" />}
      <g transform={`translate(19 ${deep})`}>
        <path
          d="M-5 21v-6a5 5 0 0 1 10 0v6M0 21V1"
          fill="none"
          stroke="var(--rim)"
          strokeWidth="2.4"
          strokeLinecap="round"
        />
      </g>
    </svg>
  );
}
