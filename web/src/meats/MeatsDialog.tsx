import { Dialog } from "radix-ui";
import { mergePatch } from "../api/mergePatch";
import type { BraiseDraft } from "../api/types";
import { Button } from "../kit/Button";
import { Meats } from "./Meats";

/** Which meat for the day of this braise. */
export function MeatsDialog({
  draft,
  onClose,
  onTake,
}: {
  draft: BraiseDraft;
  onClose: () => void;
  onTake: (part: Partial<BraiseDraft>) => void;
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[#0d1524]/55" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[min(46rem,calc(100vw-1.5rem))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-lg bg-panel p-5">
          <div className="flex items-baseline justify-between gap-4">
            <Dialog.Title className="text-xl font-bold text-rim">Which meat for this day?</Dialog.Title>
            <Dialog.Close asChild>
              <Button weight="quiet">close</Button>
            </Dialog.Close>
          </div>
          <Dialog.Description className="mb-1 text-sm text-soft">
            For this dinner, as many at table, and this cooker: what would be ready, how much to buy, the best first.
          </Dialog.Description>
          <Meats
            draft={draft}
            taking="take it"
            onTake={(offer) => {
              onTake(mergePatch(draft, offer.change));
              onClose();
            }}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
