import { Dialog } from "radix-ui";
import { useContext, useState } from "react";
import { useCatalogue } from "../api/queries";
import type { CookView } from "../api/types";
import { Button } from "../kit/Button";
import { Check } from "../kit/Check";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { ToastContext } from "../kit/toast";
import { ClosePanel } from "./ClosePanel";
import { Happened } from "./Happened";
import { Started } from "./Started";
import type { Bell } from "./useBell";
import type { Records } from "./useRecords";

/** All else that may happen to a pot, what has happened, and what is still to come; one pull away. */
export function SomethingElse({
  cook,
  records,
  onRecord,
  onTakeBack,
  bell,
}: {
  cook: CookView;
  records: Records;
  onRecord: (path: string, body: Record<string, unknown>, text: string) => void;
  onTakeBack: () => void;
  bell: Bell;
}) {
  const [open, setOpen] = useState(false);
  const catalogue = useCatalogue().data;
  const say = useContext(ToastContext);
  const done = (job: string, text: string) => onRecord("done", { job }, text);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="link min-h-11">Something else</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-40 overflow-y-auto bg-ground px-4 pb-8 outline-none"
        >
          <div className="sticky top-0 z-10 flex flex-wrap items-baseline justify-between gap-4 border-b-2 border-rim bg-ground py-2">
            <Dialog.Title className="text-2xl font-bold text-rim">Something else</Dialog.Title>
            <Dialog.Close className="link min-h-11">Back to the stove</Dialog.Close>
            <p className="basis-full pb-1 font-semibold">
              <Moved>{cook.headline}</Moved>
            </p>
          </div>
          <div className="mx-auto grid max-w-5xl items-start gap-x-8 gap-y-3 md:grid-cols-2">
            <Happened cook={cook} catalogue={catalogue} records={records} onRecord={onRecord} />
            <div className="grid gap-3">
              <Panel title="Still to come">
                <ol>
                  {cook.tasks.map((task) => (
                    <li
                      key={task.kind + task.job + task.at}
                      className="flex items-center gap-3 border-b border-line py-2 text-lg last:border-0"
                    >
                      <time dateTime={task.at} className="w-16 shrink-0 text-right font-bold text-rim sm:w-24">
                        {task.clock}
                      </time>
                      <span className="flex-1">
                        {task.text}
                        {task.job !== "" && task.detail !== "" && <span className="text-soft"> · {task.detail}</span>}
                      </span>
                      {task.job !== "" && (
                        <Button
                          weight="quiet"
                          className="min-h-11 px-2"
                          aria-label={`done: ${task.text}`}
                          onClick={() => done(task.job, task.text)}
                        >
                          done
                        </Button>
                      )}
                    </li>
                  ))}
                </ol>
              </Panel>
              <Panel title="What has happened">
                <ol className="text-lg">
                  {cook.events.map((event, index) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: events have no other identity and keep their order
                    <li key={index} className="flex gap-4 border-b border-line py-1.5 last:border-0">
                      <span className="w-24 shrink-0 text-right text-soft">{event.clock}</span>
                      <span className="flex-1">
                        {event.text}
                        {index === 0 && catalogue && (
                          <details>
                            <summary className="link inline-flex min-h-11 cursor-pointer items-center text-base">
                              it was otherwise
                            </summary>
                            <Started cook={cook} settings={catalogue.settings} records={records} />
                          </details>
                        )}
                      </span>
                      {event.id !== "" && (
                        <Button
                          weight="quiet"
                          className="min-h-11 px-2"
                          aria-label={`undo: ${event.text}`}
                          onClick={() =>
                            records.undo(event.id).then(
                              () => say({ text: "Taken back." }),
                              (error: Error) => say({ text: `Not taken back. ${error.message}` }),
                            )
                          }
                        >
                          undo
                        </Button>
                      )}
                    </li>
                  ))}
                </ol>
                {cook.events.length > 1 && (
                  <Button weight="quiet" className="mt-1 min-h-11" onClick={onTakeBack}>
                    Take the last one back
                  </Button>
                )}
              </Panel>
              <Panel title="The bell">
                <Check label="Ring here when something is due" checked={bell.wanted} onChange={bell.want} />
                <p className="text-sm text-soft">
                  Heard while the stove is open and this device awake, once it has been touched; quiet while everybody
                  is asleep. <BellElsewhere braiseId={cook.braiseId} />
                </p>
              </Panel>
              <ClosePanel records={records} />
            </div>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** What rings where this page doesn’t. */
const BellElsewhere = ({ braiseId }: { braiseId: string }) => (
  <>
    Closed or asleep it rings nowhere: then{" "}
    <a href={`/api/braises/${braiseId}/calendar.ics`} className="link" download>
      the calendar’s alarm
    </a>{" "}
    is the bell.
  </>
);
