import { useQueryClient } from "@tanstack/react-query";
import { dropLast, put } from "../api/outbox";
import { request } from "../api/request";
import type { CookView, StartedDraft } from "../api/types";
import { useOutbox } from "../api/useOutbox";

/**
 * Everything that is recorded of a running cook. A record is kept on this device until the server has it, in order and
 * also over a reload.
 */
export function useRecords(cookId: string) {
  const client = useQueryClient();
  const { entries: waiting, kept, failing, refusal, flush } = useOutbox(cookId);

  const record = (path: string, body: Record<string, unknown>, text: string) => {
    put(cookId, path, body, text);
    flush();
  };

  /** The last record: one that hasn’t been sent goes first. */
  const takeBack = async () => {
    if (!dropLast(cookId)) {
      client.setQueryData(["cook", cookId], await request<CookView>("DELETE", `/cooks/${cookId}/events/last`));
    }
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
