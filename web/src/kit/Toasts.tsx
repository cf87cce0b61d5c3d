import { Toast } from "radix-ui";
import { type ReactNode, useCallback, useState } from "react";
import { ToastContext, type ToastMessage } from "./toast";

const LONG_ENOUGH_TO_UNDO_MS = 12_000;

export function Toasts({ children }: { children: ReactNode }) {
  const [message, setMessage] = useState<(ToastMessage & { key: number }) | null>(null);
  const say = useCallback((next: ToastMessage) => setMessage({ ...next, key: Date.now() }), []);
  return (
    <ToastContext value={say}>
      <Toast.Provider duration={LONG_ENOUGH_TO_UNDO_MS} label="Message">
        {children}
        {message && (
          <Toast.Root
            key={message.key}
            onOpenChange={(open) => !open && setMessage(null)}
            className="flex items-center gap-4 rounded-xl border-2 border-rim bg-panel px-4 py-2 shadow-lg"
          >
            <Toast.Description>{message.text}</Toast.Description>
            {message.action && (
              <Toast.Action
                altText={message.action.label}
                onClick={message.action.run}
                className="min-h-11 rounded-lg border-2 border-rim px-4 font-semibold text-rim hover:bg-sunk"
              >
                {message.action.label}
              </Toast.Action>
            )}
          </Toast.Root>
        )}
        <Toast.Viewport className="fixed right-4 bottom-16 z-50 w-max max-w-[min(26rem,calc(100vw-2rem))] table:bottom-4" />
      </Toast.Provider>
    </ToastContext>
  );
}
