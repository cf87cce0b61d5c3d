import { afterEach, expect, it, vi } from "vitest";
import { Problem } from "../../src/api/Problem";
import { request } from "../../src/api/request";

afterEach(() => vi.restoreAllMocks());

/** A server that takes what is sent and never answers. */
const silent = (_: string, init: RequestInit) =>
  new Promise<Response>((_, reject) => init.signal?.addEventListener("abort", () => reject(init.signal?.reason)));

it("gives up an answer that doesn’t come, as it does a server that is away", async () => {
  const ends = new AbortController();
  const limit = vi.spyOn(AbortSignal, "timeout").mockReturnValue(ends.signal);
  vi.stubGlobal("fetch", silent);
  const asked = request("PUT", "/braises/1", {}).catch((problem: unknown) => problem);
  ends.abort(new DOMException("late", "TimeoutError"));
  const problem = await asked;
  expect(problem).toBeInstanceOf(Problem);
  expect((problem as Problem).passing).toBe(true);
  expect(limit.mock.calls[0]?.[0]).toBeLessThanOrEqual(60_000);
});

it("gives up an answer that breaks off in the middle", async () => {
  const broken = { status: 200, ok: true, text: () => Promise.reject(new TypeError("broken off")) };
  vi.stubGlobal("fetch", () => Promise.resolve(broken));
  await expect(request("GET", "/braises/1")).rejects.toMatchObject({ status: 0 });
});
