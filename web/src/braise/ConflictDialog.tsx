import { useQuery } from "@tanstack/react-query";
import { AlertDialog } from "radix-ui";
import { request } from "../api/request";
import type { BraiseDraft, BraiseView } from "../api/types";
import { Button } from "../kit/Button";
import { differences } from "./differences";

/** Another window saved first: both versions are shown, the cook chooses, and the other can still be had afterwards. */
export function ConflictDialog({
  open,
  braiseId,
  mine,
  onTheirs,
  onMine,
}: {
  open: boolean;
  braiseId: string;
  mine: BraiseDraft;
  onTheirs: () => void;
  onMine: () => void;
}) {
  const theirs = useQuery({
    queryKey: ["theirs", braiseId],
    queryFn: () => request<BraiseView>("GET", `/braises/${braiseId}`),
    enabled: open,
    gcTime: 0,
  });
  const rows = theirs.data ? differences(mine, theirs.data.draft) : [];
  return (
    <AlertDialog.Root open={open}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-[#0d1524]/55" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(40rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-xl border-2 border-rim bg-panel p-5">
          <AlertDialog.Title className="text-lg font-bold">This braise was changed in another window</AlertDialog.Title>
          <AlertDialog.Description className="mt-2">
            Both versions are kept. Which should go on? The other can still be had afterwards.
          </AlertDialog.Description>
          <table className="mt-3 w-full text-left text-sm">
            <thead>
              <tr>
                <th className="pr-3">Where</th>
                <th className="pr-3">Here</th>
                <th>In the other window</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.field} className="border-t border-line align-top">
                  <th className="py-1 pr-3 font-semibold">{row.field}</th>
                  <td className="py-1 pr-3 break-words">{row.mine}</td>
                  <td className="py-1 break-words">{row.theirs}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-4 flex flex-wrap gap-3">
            <AlertDialog.Cancel asChild>
              <Button weight="main" onClick={onMine}>
                Go on with what is here
              </Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button onClick={onTheirs}>Go on with the other window’s</Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
