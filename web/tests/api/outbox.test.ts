import { beforeEach, describe, expect, it, vi } from "vitest";

const kept = new Map<string, string>();
const storage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
  removeItem: (key: string) => void kept.delete(key),
};
vi.stubGlobal("localStorage", storage);
vi.stubGlobal("window", { addEventListener: () => undefined });

const { boxOf, boxOfBraise, drop, dropLast, put, send, timed } = await import("../../src/api/outbox");

const answer = (status: number, body: unknown) => Promise.resolve(new Response(JSON.stringify(body), { status }));
const entry = { id: "r", path: "done", body: { job: "mash-0" }, text: "Mash", made: 1_000_000 };

describe("what waits on this device", () => {
  beforeEach(() => kept.clear());

  it("is told with the time it was made, where that is a while ago and none is said", () => {
    expect(timed(entry, entry.made + 20_000)).toEqual({ job: "mash-0", id: "r" });
    expect(timed(entry, entry.made + 21_000)).toEqual({ job: "mash-0", id: "r", at: "-21 s" });
    expect(timed({ ...entry, body: { at: "14:10" } }, entry.made + 90_000)).toEqual({ at: "14:10", id: "r" });
    expect(timed({ ...entry, path: "cook", body: { at: "" } }, entry.made + 90_000)).toEqual({ at: "-90 s" });
    expect(timed({ ...entry, path: "close", body: {} }, entry.made + 90_000)).toEqual({});
  });

  it("is sent in order, each once, and stays while the server is away", async () => {
    const place = boxOfBraise("one");
    put(place, "ticks", { job: "a" }, "A");
    put(place, "ticks", { job: "b" }, "B");
    vi.stubGlobal("fetch", () => Promise.reject(new TypeError("away")));
    await send(place, () => undefined);
    expect(boxOf(place).entries.map((one) => one.text)).toEqual(["A", "B"]);
    expect(boxOf(place).failing?.status).toBe(0);
    expect(JSON.parse(kept.get("pausis.records.braise.one") ?? "")).toHaveLength(2);

    const asked: string[] = [];
    vi.stubGlobal("fetch", (url: string, init: RequestInit) => {
      asked.push(`${url} ${JSON.parse(String(init.body)).job}`);
      return answer(200, {});
    });
    const told: string[] = [];
    await Promise.all([send(place, (one) => told.push(one.text)), send(place, () => told.push("twice"))]);
    expect(asked).toEqual(["/api/braises/one/ticks a", "/api/braises/one/ticks b"]);
    expect(told).toEqual(["A", "B"]);
    expect(kept.size).toBe(0);
  });

  it("waits for a device that has to say the passphrase again", async () => {
    put("four", "done", { job: "a" }, "A");
    vi.stubGlobal("location", { pathname: "/door" });
    vi.stubGlobal("fetch", () => answer(401, { title: "Who is there?", violations: [] }));
    await send("four", () => undefined);
    expect(boxOf("four").entries).toHaveLength(1);
    expect(boxOf("four").refusal).toBeNull();
  });

  it("keeps that a pot was switched on until what is asked about it is answered", async () => {
    const place = boxOfBraise("five");
    put(place, "cook", { at: "" }, "switched on");
    let asked = 0;
    vi.stubGlobal("fetch", () => {
      asked += 1;
      return answer(422, { title: "Which dinner?", violations: [] });
    });
    await send(place, () => undefined);
    await send(place, () => undefined);
    expect(asked).toBe(1);
    expect(boxOf(place).entries).toHaveLength(1);
    expect(JSON.parse(kept.get("pausis.records.braise.five") ?? "[]")).toHaveLength(1);
    expect(boxOf(place).refusal?.id).toBe(boxOf(place).entries[0]?.id);
    drop(place, boxOf(place).entries[0]?.id ?? "");
    expect(boxOf(place)).toMatchObject({ entries: [], refusal: null });
  });

  it("is said, not sent again, where the server refuses it", async () => {
    put("two", "probe", { celsius: "900" }, "900 °C");
    put("two", "done", { job: "a" }, "A");
    vi.stubGlobal("fetch", (url: string) =>
      url.endsWith("probe") ? answer(422, { title: "Too hot", violations: [] }) : answer(200, {}),
    );
    await send("two", () => undefined);
    expect(boxOf("two").entries).toEqual([]);
    expect(boxOf("two").refusal?.path).toBe("probe");
    put("two", "probe", { celsius: "90" }, "90 °C");
    expect(boxOf("two").refusal).toBeNull();
    expect(dropLast("two")).toBe(true);
    expect(dropLast("two")).toBe(false);
  });

  it("says when a device can’t keep it over a reload", () => {
    vi.stubGlobal("localStorage", {
      ...storage,
      setItem: () => {
        throw new Error("full");
      },
    });
    put("three", "done", { job: "a" }, "A");
    expect(boxOf("three")).toMatchObject({ kept: false, entries: [{ text: "A" }] });
    vi.stubGlobal("localStorage", storage);
  });
});
