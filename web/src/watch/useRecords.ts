import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { Problem } from "../api/Problem";
import { request } from "../api/request";
import type { CookView, StartedDraft } from "../api/types";

const RETRY_MS = 3000;
/** A record that is sent sooner than this after it was made happened when it arrives. */
const AT_ONCE_SECONDS = 20;

/** Something that was recorded on this device: where it goes, what it says, and in what words it is shown until it is there. */
export type Entry = { id: string; path: string; body: Record<string, unknown>; text: string; made: number };

export type Refusal = { path: string; problem: Problem };

const keyOf = (cook: string) => `pausis.records.${cook}`;

function load(cook: string): Entry[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(cook)) ?? "[]") as Entry[];
  } catch {
    return [];
  }
}

function store(cook: string, entries: Entry[]): boolean {
  try {
    entries.length > 0
      ? localStorage.setItem(keyOf(cook), JSON.stringify(entries))
      : localStorage.removeItem(keyOf(cook));
    return true;
  } catch {
    return false;
  }
}

/** With the time it was made where it is sent later; the server knows what o’clock that is in the house. */
function timed(entry: Entry): Record<string, unknown> {
  const ago = Math.round((Date.now() - entry.made) / 1000);
  const late = ago > AT_ONCE_SECONDS && (entry.body.at ?? "") === "" && entry.path !== "close";
  return { ...entry.body, ...(entry.path === "close" ? {} : { id: entry.id }), ...(late ? { at: `-${ago} s` } : {}) };
}

/**
 * Everything that is recorded of a running cook. A record is kept on this device until the server has it, in order and
 * also over a reload, and sent again every few seconds; the server takes each once. What it refuses is said, not sent again.
 */
export function useRecords(cookId: string) {
  const client = useQueryClient();
  const [waiting, setWaiting] = useState(() => load(cookId));
  const [kept, setKept] = useState(true);
  const [failing, setFailing] = useState<Problem | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const queue = useRef(waiting);
  const busy = useRef(false);

  const put = useCallback(
    (entries: Entry[]) => {
      queue.current = entries;
      setKept(store(cookId, entries));
      setWaiting(entries);
    },
    [cookId],
  );

  const send = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    try {
      for (let next = queue.current[0]; next !== undefined; next = queue.current[0]) {
        try {
          const cook = await request<CookView>("POST", `/cooks/${cookId}/${next.path}`, timed(next));
          client.setQueryData(["cook", cookId], cook);
          setFailing(null);
          for (const key of ["today", "braise"]) {
            client.invalidateQueries({ queryKey: [key] });
          }
          if (next.path === "close") {
            for (const key of ["braises", "braise", "notebook", "cookers"]) {
              client.invalidateQueries({ queryKey: [key] });
            }
          }
        } catch (error) {
          const problem = error instanceof Problem ? error : new Problem(500, String(error));
          if (problem.passing) {
            setFailing(problem);
            return;
          }
          setRefusal({ path: next.path, problem });
        }
        put(queue.current.slice(1));
      }
    } finally {
      busy.current = false;
    }
  }, [client, cookId, put]);

  useEffect(() => {
    if (waiting.length === 0) {
      return;
    }
    const timer = setInterval(send, RETRY_MS);
    return () => clearInterval(timer);
  }, [waiting, send]);

  useEffect(() => {
    send();
  }, [send]);

  const record = (path: string, body: Record<string, unknown>, text: string) => {
    setRefusal((now) => (now?.path === path ? null : now));
    put([
      ...queue.current,
      { id: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`, path, body, text, made: Date.now() },
    ]);
    send();
  };

  /** The last record: one that hasn’t been sent goes first. */
  const takeBack = async () => {
    if (queue.current.length > 0 && !busy.current) {
      put(queue.current.slice(0, -1));
      return;
    }
    client.setQueryData(["cook", cookId], await request<CookView>("DELETE", `/cooks/${cookId}/events/last`));
  };

  /** One of them, by its id. */
  const undo = async (event: string) => {
    client.setQueryData(
      ["cook", cookId],
      await request<CookView>("DELETE", `/cooks/${cookId}/events/last?event=${encodeURIComponent(event)}`),
    );
    client.invalidateQueries({ queryKey: ["today"] });
  };

  const restart = async (started: StartedDraft) => {
    client.setQueryData(["cook", cookId], await request<CookView>("PUT", `/cooks/${cookId}/start`, started));
    client.invalidateQueries({ queryKey: ["braise"] });
  };

  const notOn = async () => {
    await request<void>("DELETE", `/cooks/${cookId}`);
    client.invalidateQueries();
  };

  const reopen = async () => {
    client.setQueryData(["cook", cookId], await request<CookView>("POST", `/cooks/${cookId}/reopen`));
    client.invalidateQueries();
  };

  const problem = (path: string) => (refusal?.path === path ? refusal.problem : null);

  return { record, takeBack, undo, restart, notOn, reopen, waiting, kept, failing, problem };
}

export type Records = ReturnType<typeof useRecords>;
