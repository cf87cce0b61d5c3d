import { describe, expect, it } from "vitest";
import { mergePatch } from "../../src/api/mergePatch";

describe("mergePatch", () => {
  it("changes what it names, however deep, and nothing else", () => {
    const draft = { serveAt: "2026-11-26T19:00", meat: { weight: "1.3 kg", pieces: "1" }, sides: ["mash", "slaw"] };
    const patched = mergePatch(draft, { meat: { pieces: "4" }, sides: ["slaw"] });
    expect(patched).toEqual({
      serveAt: "2026-11-26T19:00",
      meat: { weight: "1.3 kg", pieces: "4" },
      sides: ["slaw"],
    });
    expect(draft.meat.pieces).toBe("1");
  });

  it("takes away what it sets to null", () => {
    expect(mergePatch({ a: 1, b: { c: 2, d: 3 } }, { a: null, b: { c: null } })).toEqual({ b: { d: 3 } });
  });

  it("puts an object where none was", () => {
    expect(mergePatch({ a: "x" } as object, { a: { b: [1] } })).toEqual({ a: { b: [1] } });
  });
});
