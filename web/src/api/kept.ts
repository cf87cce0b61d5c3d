import type { QueryClient, QueryKey } from "@tanstack/react-query";
import { delMany, entries, get, set } from "idb-keyval";
import { Problem } from "./Problem";
import { request } from "./request";

const PREFIX = "pausis.seen ";
/** What nobody has asked for so long is let go, milliseconds. */
const FORTNIGHT = 14 * 86_400_000;

type Seen<T> = { at: number; answer: T };

/** Once a visit: a household asks for years, and a phone keeps a fortnight of it. */
export async function prune(now: number): Promise<void> {
  const all = await entries<string, Seen<unknown>>();
  await delMany(
    all.filter(([key, seen]) => key.startsWith(PREFIX) && !(now - seen.at < FORTNIGHT)).map(([key]) => key),
  );
}

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
      set(PREFIX + path, { at: Date.now(), answer } satisfies Seen<T>).catch(() => undefined);
      return answer;
    } catch (error) {
      if (error instanceof Problem && error.passing && client.getQueryData(queryKey) === undefined) {
        const last = await get<Seen<T>>(PREFIX + path).catch(() => undefined);
        if (last !== undefined) {
          client.setQueryData(queryKey, last.answer);
        }
      }
      throw error;
    }
  };
