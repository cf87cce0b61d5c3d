import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { useTitle } from "../app/useTitle";
import { Notice } from "../kit/Notice";
import { findReading, forgetReading } from "./keptReadings";
import { KEPT_TEXT } from "./keptText";
import { ReadRecipeView } from "./ReadRecipeView";

/** A reading at its own address: a reload keeps its corrections. */
export function ReadingPage() {
  useTitle("What was read");
  const { reading = "" } = useParams();
  const [kept] = useState(() => findReading(reading));
  const navigate = useNavigate();
  if (kept === undefined) {
    return (
      <Notice kind="warn" word="Not on this device">
        Readings stay on the device that read them until they become a braise.{" "}
        <Link to="/bring" className="font-semibold underline">
          Bring the recipe again
        </Link>
      </Notice>
    );
  }
  return (
    <ReadRecipeView
      key={kept.id}
      kept={kept}
      onBack={(draft) => {
        sessionStorage.setItem(KEPT_TEXT, draft.recipeText);
        navigate("/bring");
      }}
      onDone={() => {
        sessionStorage.removeItem(KEPT_TEXT);
        forgetReading(kept.id);
      }}
    />
  );
}
