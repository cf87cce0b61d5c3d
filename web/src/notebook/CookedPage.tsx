import { Link, useNavigate, useParams } from "react-router";
import { useCookedPage, useRestoreBraise } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { Waiting } from "../kit/Waiting";
import { CookedBody } from "./CookedBody";

/** A cook's page in the notebook. */
export function CookedPage() {
  const id = useParams().id ?? "";
  const page = useCookedPage(id);
  const restore = useRestoreBraise();
  const navigate = useNavigate();
  useTitle(page.data?.cook.title ?? "Notebook");
  if (page.data === undefined) {
    return (
      <>
        <h1 className="sr-only">Pausis</h1>
        <Waiting what="the page" error={page.error} again={() => page.refetch()} />
      </>
    );
  }
  const { cook } = page.data;
  return (
    <div className="mx-auto grid max-w-5xl gap-2">
      <h1 className="sr-only">Pausis</h1>
      <p>
        <Link to="/notebook" className="link">
          The notebook
        </Link>
      </p>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <PlaceHeading className="text-xl font-bold text-rim">{cook.title}</PlaceHeading>
        <span className="text-soft">
          {cook.date}. {cook.what}
        </span>
        {page.data.braiseGone ? (
          <Button
            weight="quiet"
            onClick={() =>
              restore.mutate(cook.braiseId, { onSuccess: () => navigate(`/braises/${cook.braiseId}/after`) })
            }
          >
            Its recipe was deleted: bring it back
          </Button>
        ) : (
          <Link to={`/braises/${cook.braiseId}/after`} className="link ml-auto">
            Cook it again
          </Link>
        )}
      </div>
      <CookedBody key={cook.id} page={page.data} />
    </div>
  );
}
