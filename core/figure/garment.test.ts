import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ZONES, type Zone } from "../ease/index.ts";
import { garmentPath } from "./garment.ts";
import { CENTRE, FIELD, LEVEL, legLine, levelLine } from "./geometry.ts";
import { type Point, smooth } from "./smooth.ts";

/** All numbers of a path, as points one after the other. */
const pointsOf = (path: string): Point[] => {
  const numbers = (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
  return numbers.flatMap((x, at) => (at % 2 === 0 ? [[x, numbers[at + 1] ?? Number.NaN] as const] : []));
};
const mirrored = (points: readonly Point[]) =>
  points.map(([x, y]) => [2 * CENTRE - x, y].map((one) => Math.round(one * 10) / 10).join(" ")).toSorted();
const written = (points: readonly Point[]) => points.map(([x, y]) => `${x} ${y}`).toSorted();

describe("the levels of the figure", () => {
  it("go down the body one after the other, within the field", () => {
    const heights = [LEVEL.overbust, LEVEL.bust, LEVEL.underbust, LEVEL.waist, LEVEL.highHip, LEVEL.hip, LEVEL.crotch];
    expect(heights).toEqual(heights.toSorted((a, b) => a - b));
    expect(Math.max(...heights)).toBeLessThan(FIELD.height);
  });

  it("are drawn alike on both sides", () => {
    for (const y of Object.values(LEVEL))
      expect(written(pointsOf(levelLine(y)))).toEqual(mirrored(pointsOf(levelLine(y))));
  });

  it("have a leg line that is the other's mirror, lower behind than in front", () => {
    expect(mirrored(pointsOf(legLine("viewerLeft", "front")))).toEqual(
      written(pointsOf(legLine("viewerRight", "front"))),
    );
    const lowest = (view: "front" | "back") => Math.max(...pointsOf(legLine("viewerLeft", view)).map(([, y]) => y));
    expect(lowest("back")).toBeGreaterThan(lowest("front"));
  });
});

describe("the cloth of a garment", () => {
  it("begins at its highest level", () => {
    const topOf = (zones: readonly Zone[]) => pointsOf(garmentPath(zones, "front"))[0]?.[1];
    expect(topOf(["waist", "highHip", "hip", "leg"])).toBe(LEVEL.waist);
    expect(topOf(["overbust", "bust", "waist"])).toBe(LEVEL.overbust);
    expect(topOf(["hip", "leg"])).toBe(LEVEL.highHip);
  });

  it("ends at its leg lines where it has legs, else below its last level", () => {
    const bottomOf = (zones: readonly Zone[]) => Math.max(...pointsOf(garmentPath(zones, "front")).map(([, y]) => y));
    expect(bottomOf(["overbust", "bust", "underbust"])).toBe(LEVEL.underbust + 20);
    expect(bottomOf(["waist", "highHip", "hip", "leg"])).toBeGreaterThanOrEqual(262);
  });

  it("is closed, alike on both sides and within the field, whatever its zones", () => {
    fc.assert(
      fc.property(
        fc.subarray([...ZONES], { minLength: 1 }),
        fc.constantFrom("front" as const, "back" as const),
        (zones, view) => {
          const levels = zones.filter((zone) => zone !== "arm");
          if (levels.length === 0) return true;
          const path = garmentPath(levels, view);
          const points = pointsOf(path);
          return (
            path.endsWith("Z") &&
            points.every(([x, y]) => x >= 0 && x <= FIELD.width && y >= 0 && y <= FIELD.height) &&
            written(points).join() === mirrored(points).join()
          );
        },
      ),
      { seed: 20261126 },
    );
  });
});

describe("a smooth curve", () => {
  it("goes through all its points", () => {
    const points: Point[] = [
      [10, 10],
      [20, 40],
      [60, 45],
      [80, 20],
    ];
    const path = smooth(points);
    for (const [x, y] of points) expect(path).toContain(`${x},${y}`);
    expect(path.startsWith("M10,10")).toBe(true);
  });

  it("of points on a line stays on it", () => {
    const path = smooth([0, 10, 20, 30].map((x) => [x, 2 * x] as const));
    for (const [x, y] of pointsOf(path.replaceAll(",", " "))) expect(y).toBeCloseTo(2 * x, 0);
  });

  it("of nothing is nothing", () => expect(smooth([])).toBe(""));
});
