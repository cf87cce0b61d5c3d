import { useCompared, useWays } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { ComparedLane } from "../clock/ComparedLane";
import { Button } from "../kit/Button";

/** A day that can't be: what would work instead, each way with the pot it leads to. */
export function NoDay() {
  const { draft, view, ways, take } = useBraisePlace();
  const isOver = view.problems.some((problem) => problem.code === "serve-in-the-past");
  const asked = useWays(draft, view.id, isOver);
  const found = asked.data?.ways ?? [];
  const compared = useCompared(
    draft,
    view.id,
    found.map((way) => way.change),
    found.length > 0,
  ).data;
  return (
    <div>
      <PlaceHeading className="border-b-2 border-rim text-xl font-bold text-rim">
        {found.length > 0 ? "What would work" : "The day"}
      </PlaceHeading>
      {found.length === 0 && asked.isFetching && <p className="mt-1 text-soft">Looking for the next days …</p>}
      {found.length === 0 && !asked.isFetching && (
        <p className="mt-1">There is no plan for the braise: the sentence above says why.</p>
      )}
      {found.length === 0 && view.adaptation?.wantsWay && ways}
      <ul>
        {found.map((way, index) => (
          <li key={way.text} className="grid items-center gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-2">
            {Object.keys(way.change).length === 0 ? (
              <strong>{way.text}</strong>
            ) : (
              <span className="flex flex-wrap items-baseline gap-x-3">
                <Button onClick={() => take(way)}>{way.text}</Button>
                {!way.text.includes(way.serveText) && <span className="text-sm text-soft">eat {way.serveText}</span>}
              </span>
            )}
            {compared?.[index] && Object.keys(way.change).length > 0 && <ComparedLane compared={compared[index]} />}
          </li>
        ))}
      </ul>
    </div>
  );
}
