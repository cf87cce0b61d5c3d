import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useSyncExternalStore } from "react";
import { boxOf, type Entry, places, SWITCHED_ON, send, subscribe } from "./outbox";
import type { BraiseView, CookView } from "./types";

const RETRY_MS = 3000;

function arrived(client: QueryClient, entry: Entry, answer: unknown): void {
  if (entry.path === "ticks") {
    client.setQueryData(["braise", (answer as BraiseView).id], answer);
  } else {
    client.setQueryData(["cook", (answer as CookView).id], answer);
  }
  const stale = ["today", "braise", "cook"];
  for (const key of entry.path === "close" || entry.path === SWITCHED_ON
    ? [...stale, "braises", "notebook", "cookers"]
    : stale) {
    const fresh = entry.path === "ticks" ? key === "braise" : key === "cook";
    if (!fresh) {
      client.invalidateQueries({ queryKey: [key] });
    }
  }
}

export const sendAll = (client: QueryClient, place: string) =>
  send(place, (entry, answer) => arrived(client, entry, answer));

/** What waits for a place, and how it is sent now. */
export function useOutbox(place: string) {
  const client = useQueryClient();
  const box = useSyncExternalStore(subscribe, () => boxOf(place));
  const flush = useCallback(() => sendAll(client, place), [client, place]);
  return { ...box, flush };
}

/** Sends what this device has kept, wherever it was recorded, as soon as the server is there again. */
export function useSender() {
  const client = useQueryClient();
  useEffect(() => {
    const all = () => {
      for (const place of places()) {
        sendAll(client, place);
      }
    };
    all();
    const timer = setInterval(all, RETRY_MS);
    window.addEventListener("online", all);
    return () => {
      clearInterval(timer);
      window.removeEventListener("online", all);
    };
  }, [client]);
}
