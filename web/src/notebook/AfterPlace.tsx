import { useCookedOf, useCookedPage } from "../api/queries";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { Panel } from "../kit/Panel";
import { Waiting } from "../kit/Waiting";
import { CookAgain } from "./CookAgain";
import { CookedBody } from "./CookedBody";
import { Entry } from "./Entry";

/** What the notebook has of this braise: its last cook's page, the earlier ones, and the way to cook it again. */
export function AfterPlace() {
  const { view } = useBraisePlace();
  const notebook = useCookedOf(view.id);
  const [last, ...earlier] = notebook.data ?? [];
  return (
    <div className="grid max-w-5xl gap-4 pt-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <PlaceHeading className="text-xl font-bold text-rim">After</PlaceHeading>
        {last && (
          <span className="text-soft">
            {last.date}. {last.what}
          </span>
        )}
      </div>
      {notebook.data === undefined && (
        <Waiting what="the notebook" error={notebook.error} again={() => notebook.refetch()} />
      )}
      {notebook.data?.length === 0 && (
        <p>It has not been cooked yet. When dinner is over and the cook is closed at the stove, its page is here.</p>
      )}
      {last && <Last key={last.id} id={last.id} />}
      {earlier.length > 0 && (
        <Panel title="Earlier">
          <ul>
            {earlier.map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </ul>
        </Panel>
      )}
    </div>
  );
}

function Last({ id }: { id: string }) {
  const page = useCookedPage(id);
  return page.data === undefined ? (
    <Waiting what="the page" error={page.error} again={() => page.refetch()} />
  ) : (
    <CookedBody page={page.data} again={(nextTime) => <CookAgain nextTime={nextTime} />} />
  );
}
