import { AlertDialog } from "radix-ui";
import { Button } from "../kit/Button";

/** Another window saved first: the cook chooses, and until then both versions exist. */
export function ConflictDialog({
  open,
  onTheirs,
  onMine,
}: {
  open: boolean;
  onTheirs: () => void;
  onMine: () => void;
}) {
  return (
    <AlertDialog.Root open={open}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(34rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 rounded-xl border-2 border-rim bg-panel p-5">
          <AlertDialog.Title className="text-lg font-bold">This braise was changed in another window</AlertDialog.Title>
          <AlertDialog.Description className="mt-2">
            Nothing is lost yet. Your changes are still here, theirs are saved. Which should stay?
          </AlertDialog.Description>
          <div className="mt-4 flex flex-wrap gap-3">
            <AlertDialog.Action asChild>
              <Button weight="main" onClick={onTheirs}>
                Take the other window’s
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button onClick={onMine}>Keep what is here</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
