import { describe, expect, it } from "vitest";
import { chartJumps, jumpWords } from "./chartJumps.ts";

const hips = (...mm: readonly (number | undefined)[]) => ({
  sizes: mm.map((hip, at) => ({ name: `S${at}`, body: hip === undefined ? {} : { hip }, finished: {} })),
});
const jumps = (...mm: readonly (number | undefined)[]) => chartJumps(hips(...mm)).map(({ row, mm: at }) => [row, at]);

describe("a girth that jumps out of its column", () => {
  it("is the one that its neighbours do not lead to, and no other", () => {
    expect(jumps(980, 2010, 1060)).toEqual([[1, 2010]]);
    expect(jumps(900, 940, 980, 2010, 1060, 1100)).toEqual([[3, 2010]]);
    expect(jumps(690, 960, 1000, 1040)).toEqual([[0, 690]]);
    expect(jumps(900, 940, 980, 820)).toEqual([[3, 820]]);
  });

  it("is none where the sizes step as sizes do, though some have no such girth or the steps widen", () => {
    expect(jumps(820, 860, undefined, 940, 1000, 1080)).toEqual([]);
    expect(jumps(820, 900)).toEqual([]);
    expect(jumps(900)).toEqual([]);
  });

  it("is told with what was expected", () => {
    const [jump] = chartJumps(hips(980, 2010, 1060));
    expect(jump && jumpWords(jump, (mm) => `${mm / 10} cm`)).toBe(
      "Hip: 201 cm, where the sizes beside it lead to some 102 cm. A digit too many, or turned?",
    );
  });
});
