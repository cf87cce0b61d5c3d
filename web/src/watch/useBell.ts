import { useEffect, useState } from "react";
import type { CookView } from "../api/types";
import { ring } from "./ring";

const KEY = "pausis.bell";
const RUNG = "pausis.rung";

const read = (key: string) => {
  try {
    return localStorage.getItem(key) ?? "";
  } catch {
    return "";
  }
};

const write = (key: string, value: string) => {
  try {
    localStorage.setItem(key, value);
  } catch {
    // It rings till the page is left.
  }
};

/** Told once on this device: by a bell, by the app’s badge, and by the browser’s notification where that is allowed. */
function tell(text: string): void {
  ring();
  navigator.setAppBadge?.(1).catch(() => undefined);
  if ("Notification" in window && Notification.permission === "granted" && document.visibilityState === "hidden") {
    navigator.serviceWorker?.ready
      .then((worker) => worker.showNotification(text, { tag: "pausis", icon: "/build/icon-192.png" }))
      .catch(() => undefined);
  }
}

/** Rings when the next act’s time has come, while the stove is open on this device and it is wanted. */
export function useBell(cook: CookView) {
  const [wanted, setWanted] = useState(() => read(KEY) !== "off");
  const next = cook.next;
  const due = next !== null && cook.isDue && !cook.closed ? `${cook.id} ${next.job || next.kind} ${next.at}` : "";
  const text = next === null ? "" : `${next.clock} ${next.text}`;
  useEffect(() => {
    if (due === "") {
      navigator.clearAppBadge?.().catch(() => undefined);
    } else if (wanted && read(RUNG) !== due) {
      write(RUNG, due);
      tell(text);
    }
  }, [due, text, wanted]);
  const want = (on: boolean) => {
    setWanted(on);
    write(KEY, on ? "on" : "off");
    if (on && "Notification" in window && Notification.permission === "default") {
      Notification.requestPermission().catch(() => undefined);
    }
  };
  return { wanted, want };
}

export type Bell = ReturnType<typeof useBell>;
