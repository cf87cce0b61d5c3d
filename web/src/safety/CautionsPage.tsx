import { useCautions } from "../api/queries";
import { useTitle } from "../app/useTitle";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";
import { Waiting } from "../kit/Waiting";

/** The usual cautions, on one page, with the limits that the rules hold to. */
export function CautionsPage() {
  useTitle("Cautions");
  const cautions = useCautions();
  if (cautions.data === undefined) {
    return <Waiting what="the cautions" error={cautions.error} again={() => cautions.refetch()} />;
  }
  return (
    <div className="mx-auto grid max-w-3xl gap-3">
      <h1 className="text-xl font-bold">Cautions</h1>
      <Notice kind="warn" word="Who comes first">
        Your local food-safety authority and your cooker’s booklet come first, before anything said here.
      </Notice>
      {cautions.data.map((group) => (
        <Panel key={group.title} title={group.title}>
          <ul className="grid list-disc gap-2 pl-5">
            {group.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </Panel>
      ))}
    </div>
  );
}
