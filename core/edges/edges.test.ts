import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, braFacts, sampleDraft } from "../testing/index.ts";
import { SHIPPED_FINISH_SETTINGS } from "./finish/finish.ts";
import { FINISHES, finishOf } from "./finish/finishes.ts";
import { followsFinish } from "./finish/follows.ts";
import { gussetLength } from "./gusset.ts";

const edge = (role: "armhole" | "neckline" | "side", allowanceMm: number) => ({ role, allowanceMm });
const adds = (id: string, given = {}) => finishOf(id)?.adds(given, SHIPPED_FINISH_SETTINGS);
const added = (id: string, given = {}) => {
  const told = adds(id, given);
  return told?.ok ? [told.value.allowanceMm, told.value.bandCutMm] : told?.problem.message;
};

describe("what a finish adds at its edge", () => {
  it.each([
    ["foldOver", {}, [0, null]],
    ["binding", {}, [0, null]],
    ["picot", { widthMm: 10, decorativeMm: 4 }, [6, null]],
    ["plush", { widthMm: 12, decorativeMm: 2 }, [10, null]],
    ["encased", { widthMm: 8 }, [9, null]],
    ["casing", { widthMm: 20, seamMm: 6.4 }, [6.4, 56.8]],
    ["lace", {}, [0, null]],
    ["trim", { askedMm: 5 }, [5, null]],
    ["overlock", {}, [6, null]],
    ["lingerie", {}, [6, null]],
    ["lapped", {}, [8, null]],
    ["woven", {}, [12, null]],
    ["corset", {}, [15, null]],
    ["hemOverlock", {}, [15, null]],
    ["hemRolled", {}, [6, null]],
    ["strapTube", { widthMm: 20, seamMm: 6.4 }, [6.4, 52.8]],
  ] as const)("of %s with %j is %j", (id, given, wanted) => {
    const got = added(id, given);
    expect(Array.isArray(got) ? got.map((mm) => mm && Math.round(mm * 1e9) / 1e9) : got).toEqual(wanted);
  });

  it("names what it was not told, and what cannot be", () => {
    expect(added("casing", { widthMm: 8 })).toBe("Expected the seam allowance of the band, but it was not given.");
    expect(added("picot", {})).toContain("the width of the elastic and the width of its decorative edge");
    expect(added("picot", { widthMm: 8, decorativeMm: 9 })).toContain("no wider than the elastic of 8 mm");
    expect(finishOf("glue")).toBeNull();
  });

  it("is one of those of the table, each with a name of its own", () => {
    expect(new Set(FINISHES.map(({ name }) => name)).size).toBe(FINISHES.length);
    expect(FINISHES).toHaveLength(16);
  });
});

describe("a gusset", () => {
  it.each([
    [225.7, 324.4, 10, 140],
    [320, 266.7, 5, 150],
    [188.6, 339, 10, 140],
    // A whole number of steps stays one.
    [280, 280, 10, 140],
    [200.1, 199.9, 10, 100],
  ])("between %d and %d mm, by steps of %d, is %d", (front, back, step, wanted) =>
    expect(gussetLength(front, back, step)).toBe(wanted),
  );

  it("covers a quarter of both, and is never a step too long", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 500, noNaN: true }),
        fc.double({ min: 50, max: 500, noNaN: true }),
        (front, back) => {
          const over = gussetLength(front, back) - (front + back) / 4;
          expect(over).toBeGreaterThan(-1e-6);
          expect(over).toBeLessThan(10);
        },
      ),
    ));
});

describe("another finish at an edge", () => {
  const bra = sampleDraft("wiredBra", braFacts({ wire_length: 200, wire_tips: 128, fold_top: 8, fold_bridge: 8 }));
  const free = bra.numbers.find(({ id }) => id.endsWith("wireFree"))?.explanation.result.value ?? Number.NaN;

  it("moves where it is cut, and says by how much", () => {
    expect(followsFinish(edge("side", 6), 10, bra)).toEqual([
      "The edge is cut 4 mm further out than before (6 mm outside its seam line, now 10 mm).",
    ]);
    expect(followsFinish(edge("side", 6), 6, bra)).toEqual([]);
  });

  it("takes what is turned in off the channel of a wire, and works out what has to rise", () => {
    const told = (role: "armhole" | "neckline", mm: number) =>
      followsFinish(edge(role, 8), mm, bra).find((one) => one.includes("channel"));
    const mm = (length: number) => `${Math.round(length * 10) / 10} mm`;
    expect(told("armhole", 8)).toBeUndefined();
    expect(told("armhole", 14)).toContain(`takes 14 mm instead of 8 mm, which leaves ${mm(free - 6)} of the 10 mm`);
    expect(told("neckline", 14)).toContain("“Taken off it at the bridge”");
    const exact = free + 8 - 10;
    expect(told("armhole", exact - 1)).toContain("nothing has to be raised");
    expect(told("armhole", exact + 3)).toContain("want to be 3 mm higher at the underarm");
    expect(followsFinish(edge("armhole", 8), 14, sampleDraft("brief", BRIEF_FACTS)).join()).not.toContain("channel");
  });
});
