import { useState } from "react";
import { useNavigate } from "react-router";
import { useAgain } from "../api/queries";
import { useBraisePlace } from "../braise/BraiseContext";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Panel } from "../kit/Panel";
import { useDebounced } from "../kit/useDebounced";

const SETTLE_MS = 700;

/** The braise once more, with or without what was wanted otherwise, on a day that has a plan. */
export function CookAgain({ nextTime }: { nextTime: string }) {
  const { view, take } = useBraisePlace();
  const navigate = useNavigate();
  const [left, setLeft] = useState<string[]>([]);
  const text = useDebounced(nextTime, SETTLE_MS);
  const again = useAgain(view.id, text, left);
  const found = again.data;
  return (
    <Panel title="Cook it again">
      {again.error !== null && <p className="text-heat">{again.error.message}</p>}
      {found === undefined && again.error === null && (
        <p role="status" className="text-soft">
          Working out what it would come to …
        </p>
      )}
      {found?.changes.map((change) =>
        change.canBeTaken ? (
          <div key={change.words} className="border-b border-line py-1">
            <Check
              label={change.says}
              checked={change.taken}
              onChange={(taken) =>
                setLeft(taken ? left.filter((one) => one !== change.words) : [...left, change.words])
              }
            />
            <p className="pl-8 text-sm text-soft">
              “{change.words}”: {change.effect}
            </p>
          </div>
        ) : (
          <p key={change.words} className="border-b border-line py-1">
            “{change.words}” <span className="text-sm text-soft">{change.says}</span>
          </p>
        ),
      )}
      <div aria-live="polite" aria-busy={again.isFetching} className="mt-3 flex flex-wrap items-center gap-2">
        {found !== undefined && found.why !== "" && <p>{found.why}</p>}
        {found?.ways.map((way) => (
          <Button
            key={way.serveText}
            disabled={again.isFetching}
            onClick={() => {
              take(way);
              navigate(`/braises/${view.id}/pot`);
            }}
          >
            For {way.serveText}
          </Button>
        ))}
      </div>
    </Panel>
  );
}
