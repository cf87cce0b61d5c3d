import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import { BRAISE, HOUSE } from "../app/places";
import { Button } from "../kit/Button";

const KEYS: [string, string][] = [
  ...HOUSE.map((place): [string, string] => [
    `Alt + ${place.key.toUpperCase()}`,
    `to ${place.label}, from a place of the house`,
  ]),
  ...BRAISE.map((place): [string, string] => [`Alt + ${place.key}`, `to ${place.label}, within a braise`]),
  ["Ctrl or ⌘ + Z", "undo the last change"],
  ["Ctrl or ⌘ + Shift + Z", "do it again"],
  ["Tab, Shift + Tab", "to the next or previous field; the places are one stop, moved in by arrows"],
  ["Arrow keys", "on the plate, the pot or a job of the day: 5 minutes; in a choice: the next"],
  ["Page up, Page down", "the same by half an hour"],
  ["Enter", "on a job of the day: it stays at its time; when splitting a line: split at the cursor"],
  ["Alt + /", "this sheet"],
];

export function ShortcutSheet() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.altKey && !event.ctrlKey && !event.metaKey && (event.code === "Slash" || event.key === "/")) {
        event.preventDefault();
        setOpen(true);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="link">Keys</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[#0d1524]/55" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(38rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-lg bg-panel p-5">
          <Dialog.Title className="text-xl font-bold text-rim">Keys</Dialog.Title>
          <Dialog.Description className="text-sm text-soft">Everything can be done without a mouse.</Dialog.Description>
          <dl className="my-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            {KEYS.map(([keys, does]) => (
              <div key={keys} className="contents">
                <dt className="font-semibold text-rim">{keys}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close asChild>
            <Button weight="main">Close</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
