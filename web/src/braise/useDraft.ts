import { hashKey, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { Problem } from "../api/Problem";
import { request } from "../api/request";
import type { BraiseDraft, BraiseView } from "../api/types";
import { useHistory } from "../kit/useHistory";
import { windowId } from "../kit/windowId";

const SETTLE_MS = 220;
const RETRY_MS = 3000;
/** A window that is open tells so more often than this. */
const LEFT_BEHIND_MS = 20_000;

export type Saving = "saved" | "saving" | "offline" | "conflict" | "refused";

/** What stands on the page, the revision it was made from, and what was last on its way when the page was left. */
type Kept = { revision: number; draft: BraiseDraft; underway?: BraiseDraft };

const PREFIX = "pausis.unsent.";

const keyOf = (id: string) => `${PREFIX}${id}.${windowId()}`;

const same = (a: BraiseDraft | undefined, b: BraiseDraft) => hashKey([a]) === hashKey([b]);

/** What this device still has to send. What arrived after the page was left is no change by somebody else. */
function kept(loaded: BraiseView): Kept | null {
  try {
    const found = JSON.parse(localStorage.getItem(keyOf(loaded.id)) ?? "null") as Kept | null;
    if (found === null || same(found.draft, loaded.draft)) {
      localStorage.removeItem(keyOf(loaded.id));
      return leftBehind(loaded);
    }
    return same(found.underway, loaded.draft) ? { revision: loaded.revision, draft: found.draft } : found;
  } catch {
    return null;
  }
}

/** What a window that was closed could not send; taken over by the next one that opens the braise. */
function leftBehind(loaded: BraiseView): Kept | null {
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(`${PREFIX}${loaded.id}`) && key !== keyOf(loaded.id)) {
      const { at = 0, ...found } = JSON.parse(localStorage.getItem(key) ?? "{}") as Kept & { at?: number };
      if (found.draft !== undefined && Date.now() - at > LEFT_BEHIND_MS) {
        localStorage.removeItem(key);
        return same(found.draft, loaded.draft) ? null : found;
      }
    }
  }
  return null;
}

function keep(id: string, unsent: Kept): void {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify({ ...unsent, at: Date.now() }));
  } catch {
    // This device's own storage is full; the draft stays on the page.
  }
}

/**
 * The draft of one braise as it is on this screen, sent to the server whenever it has stood still for a moment.
 *
 * One save at a time, the newest draft next. What has not been sent is kept on this device, also across a reload, and
 * sent when the server is back. If another window saved first, nothing is overwritten until the cook has chosen.
 */
export function useDraft(loaded: BraiseView) {
  const client = useQueryClient();
  const unsent = useState(() => kept(loaded))[0];
  const history = useHistory(unsent?.draft ?? loaded.draft, `pausis.steps.${loaded.id}`);
  const draft = history.now;
  const [view, setView] = useState(loaded);
  const [saving, setSaving] = useState<Saving>(unsent === null ? "saved" : "saving");
  const [refusal, setRefusal] = useState("");
  /** After a conflict, the version that was not taken: it can still be had. */
  const [setAside, setSetAside] = useState<BraiseDraft | null>(null);
  const revision = useRef(unsent?.revision ?? loaded.revision);
  /** What the server has; null where a save got no answer, so that nobody knows. */
  const sent = useRef<BraiseDraft | null>(loaded.draft);
  const refused = useRef<BraiseDraft | null>(null);
  const underway = useRef<BraiseDraft | null>(null);
  /** Sent since the last answer: one of them may have arrived although no answer came. */
  const tried = useRef<BraiseDraft[]>([]);
  const busy = useRef(false);
  const latest = useRef(draft);
  latest.current = draft;

  const send = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    try {
      while (latest.current !== sent.current) {
        const sending = latest.current;
        setSaving("saving");
        underway.current = sending;
        tried.current = [...tried.current, sending].slice(-20);
        keep(loaded.id, { revision: revision.current, draft: sending, underway: sending });
        const answer = await request<BraiseView>("PUT", `/braises/${loaded.id}`, {
          revision: revision.current,
          draft: sending,
        });
        revision.current = answer.revision;
        sent.current = sending;
        tried.current = [];
        setView(answer);
        client.setQueryData(["braise", loaded.id], answer);
      }
      localStorage.removeItem(keyOf(loaded.id));
      setSaving("saved");
      setRefusal("");
      client.invalidateQueries({ queryKey: ["braises"] });
    } catch (error) {
      const problem = error instanceof Problem ? error : new Problem(500, String(error));
      if (problem.status === 409) {
        const theirs = await request<BraiseView>("GET", `/braises/${loaded.id}`).catch(() => null);
        const own = theirs === null ? undefined : tried.current.find((one) => same(one, theirs.draft));
        if (theirs !== null && own !== undefined) {
          revision.current = theirs.revision;
          sent.current = own;
          tried.current = [];
          setView(theirs);
          setSaving(latest.current === own ? "saved" : "offline");
          return;
        }
      }
      const final = !problem.passing && problem.status !== 409;
      sent.current = final ? sent.current : null;
      refused.current = final ? latest.current : null;
      setRefusal(problem.violations[0]?.message ?? problem.message);
      setSaving(problem.status === 409 ? "conflict" : final ? "refused" : "offline");
    } finally {
      busy.current = false;
    }
  }, [client, loaded.id]);

  useEffect(() => {
    if (draft === refused.current || saving === "conflict") {
      return;
    }
    if (draft === sent.current && !busy.current) {
      // Also what was undone before it was sent: there is nothing to send any more.
      localStorage.removeItem(keyOf(loaded.id));
      setSaving("saved");
      return;
    }
    keep(loaded.id, {
      revision: revision.current,
      draft,
      ...(underway.current === null ? {} : { underway: underway.current }),
    });
    const timer = setTimeout(send, saving === "offline" ? RETRY_MS : SETTLE_MS);
    return () => clearTimeout(timer);
  }, [draft, saving, send, loaded.id]);

  useEffect(() => {
    if (saving !== "offline") {
      return;
    }
    const timer = setInterval(() => {
      keep(loaded.id, { revision: revision.current, draft: latest.current });
      send();
    }, RETRY_MS);
    return () => clearInterval(timer);
  }, [saving, send, loaded.id]);

  // Who leaves within the moment leaves with it sent; what is too large for that is kept on this device.
  useEffect(() => {
    const leave = () => {
      const last = latest.current;
      if (last === sent.current || last === underway.current || last === refused.current) {
        return;
      }
      keep(loaded.id, { revision: revision.current, draft: last, underway: last });
      request("PUT", `/braises/${loaded.id}`, { revision: revision.current, draft: last }, true).catch(() => undefined);
    };
    window.addEventListener("pagehide", leave);
    return () => window.removeEventListener("pagehide", leave);
  }, [loaded.id]);

  const { change: changeHistory, replace } = history;
  const change = useCallback(
    (part: Partial<BraiseDraft>) => changeHistory((now) => ({ ...now, ...part })),
    [changeHistory],
  );

  const takeTheirs = useCallback(async () => {
    const theirs = await request<BraiseView>("GET", `/braises/${loaded.id}`);
    const mine = latest.current;
    localStorage.removeItem(keyOf(loaded.id));
    revision.current = theirs.revision;
    sent.current = theirs.draft;
    setView(theirs);
    replace(theirs.draft);
    setSetAside(mine);
    setSaving("saved");
  }, [loaded.id, replace]);

  const keepMine = useCallback(async () => {
    const theirs = await request<BraiseView>("GET", `/braises/${loaded.id}`);
    setSetAside(theirs.draft);
    revision.current = theirs.revision;
    sent.current = theirs.draft;
    setSaving("saving");
    await send();
  }, [loaded.id, send]);

  /** What has happened since: a job ticked on another device, an hour passed. What is being typed is left alone. */
  const look = useCallback((seen: BraiseView) => {
    if (!busy.current && latest.current === sent.current && seen.revision === revision.current) {
      setView(seen);
    }
  }, []);

  const swap = useCallback(() => {
    if (setAside !== null) {
      setSetAside(latest.current);
      changeHistory(() => setAside);
    }
  }, [setAside, changeHistory]);

  return { draft, view, saving, refusal, change, look, history, takeTheirs, keepMine, setAside, swap };
}
