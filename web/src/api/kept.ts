import type { QueryClient, QueryKey } from "@tanstack/react-query";
import { get, set } from "idb-keyval";
import { Problem } from "./Problem";
import { request } from "./request";

const keyOf = (path: string) => `pausis.seen ${path}`;

/**
 * Asks the server, and keeps what it answered on this device. Where it can't be reached what it said last is shown, with the error
 * beside it.
 */
export const remembered =
  <T>(path: string) =>
  async ({ client, queryKey }: { client: QueryClient; queryKey: QueryKey }): Promise<T> => {
    try {
      const answer = await request<T>("GET", path);
      // A device without room, or a private window, shows what it gets and keeps nothing.
      set(keyOf(path), answer).catch(() => undefined);
      return answer;
    } catch (error) {
      if (error instanceof Problem && error.passing && client.getQueryData(queryKey) === undefined) {
        const last = await get<T>(keyOf(path)).catch(() => undefined);
        if (last !== undefined) {
          client.setQueryData(queryKey, last);
        }
      }
      throw error;
    }
  };
