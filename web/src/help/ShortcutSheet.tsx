import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import { Button } from "../kit/Button";

const KEYS: [string, string][] = [
  ["Ctrl or ⌘ + Z", "undo the last change"],
  ["Ctrl or ⌘ + Shift + Z", "do it again"],
  ["Alt + 1 … 9", "to a panel of the workbench, in its order"],
  ["Tab, Shift + Tab", "to the next or previous field"],
  ["Arrow keys", "on the dinner line: 5 minutes; on the level of the pot: the next school; in a choice: the next"],
  ["Page up, Page down", "on the dinner line: half an hour"],
  ["Enter, Escape", "when splitting a line: split at the cursor, or leave it"],
  ["Alt + /", "this sheet"],
];

/** Alt with a digit goes to a panel. */
function toPanel(place: number) {
  const panels = document.querySelectorAll<HTMLElement>("main section[aria-labelledby], main section[aria-label]");
  const panel = panels[place];
  const target = panel?.querySelector<HTMLElement>("input, select, button, a, [tabindex='0']");
  panel?.scrollIntoView({ block: "start" });
  target?.focus({ preventScroll: true });
}

export function ShortcutSheet() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey) {
        return;
      }
      // With Alt held, some keyboards write another sign: the place of the key counts, too.
      const digit = /^[1-9]$/.test(event.key) ? event.key : /^Digit([1-9])$/.exec(event.code)?.[1];
      if (event.code === "Slash" || event.key === "/") {
        event.preventDefault();
        setOpen(true);
      } else if (digit !== undefined) {
        event.preventDefault();
        toPanel(Number(digit) - 1);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="min-h-11 rounded-lg px-2 font-semibold text-rim underline underline-offset-4">
        Keys
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(38rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl border-2 border-rim bg-panel p-5">
          <Dialog.Title className="text-lg font-bold">Keys</Dialog.Title>
          <Dialog.Description className="text-sm text-soft">Everything can be done without a mouse.</Dialog.Description>
          <dl className="my-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
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
