import { type ReactNode, useId, useState } from "react";
import { Link } from "react-router";
import { useHouse } from "../api/queries";
import type { Catalogue, CookView } from "../api/types";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import type { Records } from "./useRecords";

const BUBBLES = { none: "no bubbles", rim: "at the rim", over: "all over" } as const;
const SETTINGS = { low: "Low", high: "High", warm: "Warm", off: "off" } as const;
const PLACES = { liquid: "in the liquid", core: "in the meat" } as const;
const LID_MINUTES = ["5", "15", "30"];
const CUT_MINUTES = ["10", "30", "120"];
const LATER = { "-30": "30 min sooner", "15": "15 min later", "30": "30 min later", "60": "1 h later" } as const;

type Recording = (path: string, body: Record<string, unknown>, text: string) => void;

/** Whatever else happens to a pot, told in one tap as of now, or of the time that stands above. */
export function Happened({
  cook,
  catalogue,
  records,
  onRecord,
}: {
  cook: CookView;
  catalogue: Catalogue | undefined;
  records: Records;
  onRecord: Recording;
}) {
  const [at, setAt] = useState("");
  const us = useHouse().data?.draft.units === "us";
  const [minutes, setMinutes] = useState("");
  const [off, setOff] = useState("");
  const [home, setHome] = useState(false);
  const [amount, setAmount] = useState(us ? "1 cup" : "250 mL");
  const [reading, setReading] = useState("");
  const [serves, setServes] = useState("");
  const [note, setNote] = useState("");
  const eating = cook.followed.state === "eaten" || cook.followed.state === "put-away";
  const told: Recording = (path, body, text) => {
    onRecord(path, body, at === "" ? text : `${text}, at ${at}`);
    setAt("");
  };
  const lid = (typed: string) => told("lid-off", { minutes: typed, at }, `the lid off for ${spoken(typed)}`);
  const cut = (typed: string) => told("power", { minutes: typed, at, home }, `power off for ${spoken(typed)}`);
  const poured = (more: { hot?: boolean; out?: boolean }, text: string) =>
    told("poured", { amount, at, ...more }, `${amount} ${text}`);
  return (
    <section aria-labelledby="happened" className="min-w-0">
      <header className="flex flex-wrap items-center justify-between gap-x-3 border-b-2 border-rim">
        <h2 id="happened" className="text-lg font-bold text-rim">
          What happened?
        </h2>
        <span className="flex items-center gap-2">
          <label htmlFor="happened-at">at</label>
          <input
            id="happened-at"
            className="figure min-h-11 w-20"
            placeholder="now"
            maxLength={40}
            value={at}
            onChange={(event) => setAt(event.target.value)}
          />
        </span>
      </header>
      {!cook.stopped && !eating && (
        <>
          {catalogue && (
            <Row title="The fork" problem={problemOf(records, "fork-tests")}>
              {catalogue.forkAnswers.map((answer) => (
                <Tap
                  key={answer.value}
                  onClick={() => told("fork-tests", { answer: answer.value, at }, `the fork: ${answer.label}`)}
                >
                  {answer.label}
                </Tap>
              ))}
            </Row>
          )}
          <Row title="It looks" problem={problemOf(records, "bubbles")}>
            {Object.entries(BUBBLES).map(([seen, words]) => (
              <Tap key={seen} onClick={() => told("bubbles", { seen, at }, `bubbles: ${words}`)}>
                {words}
              </Tap>
            ))}
          </Row>
          <Row title="The lid was off" problem={problemOf(records, "lid-off")}>
            {LID_MINUTES.map((one) => (
              <Tap key={one} onClick={() => lid(one)}>
                {one} min
              </Tap>
            ))}
            <Typed
              label="The lid was off for"
              placeholder="8 min"
              value={off}
              onChange={setOff}
              onSend={() => lid(off)}
            />
          </Row>
          {cook.readiness === "" && (
            <Row title="A thermometer" problem={problemOf(records, "probe")} note={cook.help}>
              <Figure label="It reads" placeholder={us ? "190 °F" : "87 °C"} value={reading} onChange={setReading} />
              {Object.entries(PLACES).map(([place, words]) => (
                <Tap
                  key={place}
                  disabled={reading.trim() === ""}
                  onClick={() => told("probe", { place, reading, at }, `a thermometer: ${reading} ${words}`)}
                >
                  {words}
                </Tap>
              ))}
            </Row>
          )}
          <Row title="Liquid" problem={problemOf(records, "poured")}>
            <Figure label="How much liquid" value={amount} onChange={setAmount} />
            <Tap onClick={() => poured({ hot: true }, "added, hot")}>added, hot</Tap>
            <Tap onClick={() => poured({}, "added, cold")}>added, cold</Tap>
            <Tap onClick={() => poured({ out: true }, "ladled off")}>ladled off</Tap>
          </Row>
        </>
      )}
      {!eating && (
        <>
          <Row title="It is on" problem={problemOf(records, "setting")}>
            {Object.entries(SETTINGS).map(([setting, words]) => (
              <Tap key={setting} onClick={() => told("setting", { setting, at }, `turned to ${words}`)}>
                {words}
              </Tap>
            ))}
          </Row>
          <Row title="The power was off" problem={problemOf(records, "power")}>
            {CUT_MINUTES.map((one) => (
              <Tap key={one} onClick={() => cut(one)}>
                {spoken(one)}
              </Tap>
            ))}
            <Typed
              label="The power was off for"
              placeholder="45 min"
              value={minutes}
              onChange={setMinutes}
              onSend={() => cut(minutes)}
            />
            <Check label="Somebody was there all the time" checked={home} onChange={setHome} />
          </Row>
          <Row
            title="Dinner"
            problem={problemOf(records, "dinner")}
            note={
              <>
                Somebody has to leave, or comes home:{" "}
                <Link to={`/braises/${cook.braiseId}/day`} className="link">
                  on Day
                </Link>
                .
              </>
            }
          >
            {Object.entries(LATER).map(([later, words]) => (
              <Tap key={later} onClick={() => onRecord("dinner", { later: Number(later) }, `dinner ${words}`)}>
                {words}
              </Tap>
            ))}
            <Typed
              label="Dinner is for so many"
              placeholder="for 6"
              word="for so many"
              value={serves}
              onChange={setServes}
              onSend={() => onRecord("dinner", { serves: serves.replace(/^for /, "") }, `dinner for ${serves}`)}
            />
          </Row>
        </>
      )}
      <Row title="A note" problem={problemOf(records, "notes")}>
        <Typed
          label="A note"
          placeholder="the small lid leaks"
          wide
          value={note}
          onChange={setNote}
          onSend={() => told("notes", { text: note, at }, note)}
        />
      </Row>
    </section>
  );
}

const spoken = (minutes: string) => (/^\d+$/.test(minutes) ? (minutes === "120" ? "2 h" : `${minutes} min`) : minutes);

const problemOf = (records: Records, path: string) => {
  const problem = records.problem(path);
  return problem === null ? undefined : (problem.violations[0]?.message ?? problem.message);
};

function Row({
  title,
  note,
  problem,
  children,
}: {
  title: string;
  note?: ReactNode;
  problem: string | undefined;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <section
      aria-labelledby={id}
      className="grid gap-x-3 border-b border-line py-1.5 last:border-0 sm:grid-cols-[8.5rem_minmax(0,1fr)]"
    >
      <h3 id={id} className="font-bold sm:pt-2.5">
        {title}
      </h3>
      <div className="min-w-0">
        <div className="flex flex-wrap items-center gap-x-2 gap-y-1.5">{children}</div>
        {note && <p className="text-sm text-soft">{note}</p>}
        {problem && (
          <p role="status" className="font-semibold text-heat">
            ▲ {problem}
          </p>
        )}
      </div>
    </section>
  );
}

const Tap = ({ children, ...props }: { children: ReactNode; disabled?: boolean; onClick: () => void }) => (
  <Button className="min-h-11" {...props}>
    {children}
  </Button>
);

const Figure = ({
  label,
  placeholder,
  wide,
  value,
  onChange,
}: {
  label: string;
  placeholder?: string;
  wide?: boolean | undefined;
  value: string;
  onChange: (value: string) => void;
}) => (
  <input
    aria-label={label}
    className={`figure min-h-11 ${wide ? "min-w-0 grow" : "w-20"}`}
    placeholder={placeholder}
    maxLength={wide ? 500 : 20}
    value={value}
    onChange={(event) => onChange(event.target.value)}
  />
);

/** A figure of one’s own, sent by its word or by Enter. */
function Typed({
  label,
  placeholder,
  word = "note it",
  wide,
  value,
  onChange,
  onSend,
}: {
  label: string;
  placeholder: string;
  word?: string;
  wide?: boolean;
  value: string;
  onChange: (value: string) => void;
  onSend: () => void;
}) {
  return (
    <form
      className={`flex items-center gap-2 ${wide ? "grow" : ""}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (value.trim() !== "") {
          onSend();
        }
      }}
    >
      <Figure label={label} placeholder={placeholder} wide={wide} value={value} onChange={onChange} />
      <Button type="submit" weight="quiet" className="min-h-11 min-w-11" disabled={value.trim() === ""}>
        {word}
      </Button>
    </form>
  );
}
