import { useRef, useState } from "react";
import { Problem } from "../api/Problem";
import { useCatalogue, useFinish } from "../api/queries";
import type { CookView } from "../api/types";
import { Button } from "../kit/Button";
import { useDebounced } from "../kit/useDebounced";
import type { Records } from "../watch/useRecords";
import { Evening } from "./Evening";
import { SaucePot } from "./SaucePot";
import { Spoons } from "./Spoons";
import { Troubles } from "./Troubles";
import { Ways } from "./Ways";

/** While something is dragged, so long after it stands still, ms. */
const STILL = 120;

export type Asked = { left: string; level: number | null; thickness: string; thickener: string };

/** From what is in the pot to the plate: how much there is, how thick it is wanted, and every way there with its price. */
export function Finish({
  cook,
  records,
  onTaken,
}: {
  cook: CookView;
  records: Records;
  onTaken: (body: Record<string, unknown>, text: string) => void;
}) {
  const [asked, setAsked] = useState<Asked>({ left: "", level: null, thickness: "", thickener: "" });
  const [chosen, setChosen] = useState("");
  const still = useDebounced(asked, STILL);
  const { data, error } = useFinish(cook.id, still);
  const last = useRef(data);
  last.current = data ?? last.current;
  const finish = last.current;
  const catalogue = useCatalogue().data;
  const question = (
    <div className="flex flex-wrap items-center gap-x-4">
      <p className="text-6xl leading-none font-extrabold tracking-tight text-rim tabular-nums table:text-8xl">
        {cook.now}
      </p>
      <h2 className="min-w-0 flex-1 basis-32 text-2xl leading-tight font-bold table:text-4xl">
        How thick shall it be?
      </h2>
    </div>
  );
  if (finish === undefined) {
    return (
      <div className="min-h-96">
        {question}
        <p className="pt-3 text-lg text-soft">{error ? `▲ ${error.message}` : "Looking at the sauce …"}</p>
      </div>
    );
  }
  const open = finish.ways.filter((way) => way.why === "");
  const way = open.find((one) => one.way === (chosen || cook.sauce.way)) ?? open[0];
  const refused = error instanceof Problem ? error : records.problem("sauce");
  const problem = refused?.at("left") ?? refused?.message;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 table:grid-cols-2">
      <div className="min-w-0">
        {question}
        <SaucePot
          pot={cook.pot}
          finish={finish}
          asked={asked}
          problem={problem}
          onLevel={(level) => setAsked({ ...asked, level, left: "" })}
          onLeft={(left) => setAsked({ ...asked, left, level: null })}
        />
        <Spoons
          options={finish.spoons}
          value={finish.thickness}
          is={finish.is}
          onChange={(thickness) => setAsked({ ...asked, thickness })}
        />
      </div>
      <div className="min-w-0">
        <Ways
          finish={finish}
          thickeners={catalogue?.thickeners ?? []}
          chosen={way?.way ?? ""}
          onChoose={setChosen}
          onThickener={(thickener) => setAsked({ ...asked, thickener })}
        />
        {finish.lanes.length > 1 && (
          <Evening lanes={finish.lanes} from={finish.from} now={finish.now} serve={finish.serve} />
        )}
        {way && problem === undefined && (
          <Button
            weight="main"
            className="sticky bottom-15 z-10 mt-2 min-h-14 w-full text-2xl table:static table:min-h-16"
            onClick={() =>
              onTaken(
                { left: finish.left, thickness: finish.thickness, thickener: finish.thickener, way: way.way, at: "" },
                `the sauce, ${finish.left}: ${way.label}`,
              )
            }
          >
            Do it so{way.eat === finish.serveText ? "" : `, and eat at ${way.eat}`}
          </Button>
        )}
        <Troubles troubles={finish.troubles} />
      </div>
    </div>
  );
}
