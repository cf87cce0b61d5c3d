import { Link, Navigate } from "react-router";
import { PlaceHeading } from "../app/PlaceHeading";
import { SwitchOn } from "../day/SwitchOn";
import { useBraisePlace } from "./BraiseContext";

/** The stove of a braise that is on; before that, the way there. */
export function StovePlace() {
  const { view, adaptation } = useBraisePlace();
  if (view.cookId !== null) {
    return <Navigate to={`/cooks/${view.cookId}`} replace />;
  }
  return (
    <div className="max-w-xl pt-3">
      <PlaceHeading className="text-xl font-bold text-rim">The pot is not on yet</PlaceHeading>
      <p className="my-2">{adaptation?.verdict}</p>
      <SwitchOn />
      <p className="mt-4 text-sm">
        <Link to={`/braises/${view.id}/after`} className="link">
          Its pages in the notebook
        </Link>
      </p>
    </div>
  );
}
