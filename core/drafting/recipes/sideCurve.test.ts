import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { joinOf, lengthOfEdge, placeAt } from "../geometry/index.ts";
import { type SideLevel, sideCurve } from "./sideCurve.ts";

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const levels = (halves: readonly number[], downs: readonly number[]): SideLevel[] =>
  halves.map((halfMm, at) => ({
    level: `l${at}`,
    name: `level ${at}`,
    downMm: at === 0 ? 0 : (downs[at - 1] ?? 0),
    halfMm,
  }));
const drawn = (given: readonly SideLevel[]) => {
  const curve = sideCurve("front", given);
  if (!curve.ok) throw new Error(curve.problem.message);
  return curve.value;
};

/** Widths that change by less than the way between them. */
const anyLevels = fc
  .tuple(mm(100, 300), fc.array(fc.tuple(mm(40, 250), mm(-0.6, 0.6)), { minLength: 1, maxLength: 4 }))
  .map(([first, steps]) => {
    const halves = [first];
    for (const [down, lean] of steps) halves.push((halves.at(-1) ?? first) + down * lean);
    return levels(
      halves,
      steps.map(([down]) => down),
    );
  })
  .filter((all) => all.every(({ halfMm }) => halfMm > 20));

describe("a side seam through its levels", () => {
  it("is as long from level to level as it was told, and goes through each at its width", () => {
    fc.assert(
      fc.property(anyLevels, (all) => {
        const { lines, places } = drawn(all);
        all.slice(1).forEach(({ downMm }, at) => {
          const line = lines[at];
          expect(Math.abs((line ? lengthOfEdge(line) : 0) - downMm)).toBeLessThan(0.01);
        });
        expect(places.map(({ x }) => x)).toEqual(all.map(({ halfMm }) => halfMm));
      }),
      { seed: 20261126, numRuns: 300 },
    );
  });

  it("goes down all the way, without a corner, and swings beyond none of its levels", () => {
    fc.assert(
      fc.property(anyLevels, (all) => {
        const { lines } = drawn(all);
        lines.slice(1).forEach((line, at) => {
          const join = joinOf(lines[at] ?? line, line);
          expect(join.gapMm + (join.cornerDeg ?? 9)).toBeLessThan(0.01);
        });
        lines.forEach((line, at) => {
          const [low, high] = [line.from.x, line.to.x].toSorted((a, b) => a - b);
          for (const t of [0.2, 0.4, 0.6, 0.8]) {
            const { x, y } = placeAt(line, t);
            expect(x).toBeGreaterThanOrEqual((low ?? 0) - 1e-6);
            expect(x).toBeLessThanOrEqual((high ?? 0) + 1e-6);
            expect(y).toBeGreaterThan(lines[at]?.from.y ?? 0);
          }
        });
      }),
      { seed: 20261126, numRuns: 200 },
    );
  });

  it("between equal widths is the straight way down", () => {
    const { lines, places } = drawn(levels([150, 150], [200]));
    expect(places[1]).toEqual({ x: 150, y: 200 });
    expect(placeAt(lines[0] ?? { kind: "straight", from: { x: 0, y: 0 }, to: { x: 0, y: 0 } }, 0.5).x).toBe(150);
  });

  it.each([
    [
      "further apart in width than in height",
      levels([150, 300], [100]),
      /well over 150 mm below the level 0.*150 mm wide there and 300 mm here.*lies 100 mm/,
    ],
    ["nearly so", levels([150, 249.95], [100]), /well over 100 mm/],
  ])("of levels %s is not drawn, and both widths and the height are named", (_said, given, message) => {
    expect(sideCurve("front", given)).toMatchObject({
      ok: false,
      problem: { code: "side-too-short", message: expect.stringMatching(message) },
    });
  });
});
