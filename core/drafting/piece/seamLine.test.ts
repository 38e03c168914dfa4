import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { quarterCircle } from "../../testing/index.ts";
import { areaWithin, backward, type Edge, lengthOfEdges, point, straight } from "../geometry/index.ts";
import { cutLine } from "./cutLine.ts";
import { seamLine } from "./seamLine.ts";

/** A closed outline through corners. */
const through = (...corners: readonly (readonly [number, number])[]): Edge[] =>
  corners.map(([x, y], at) => {
    const [toX, toY] = corners[(at + 1) % corners.length] ?? [0, 0];
    return straight(point(x, y), point(toX, toY));
  });
const box = (width: number, height: number) => through([0, 0], [width, 0], [width, height], [0, height]);

describe("the seam line within a cut line", () => {
  it("of a box is the box less the allowance all round, whichever way it was drawn", () => {
    for (const outline of [box(100, 60), backward(box(100, 60))]) {
      const line = seamLine(outline, 10) ?? [];
      expect(areaWithin(line)).toBeCloseTo(80 * 40, 6);
      expect(lengthOfEdges(line)).toBeCloseTo(240, 6);
    }
  });

  it("keeps a corner that turns inward", () => {
    const ell = through([0, 0], [100, 0], [100, 40], [40, 40], [40, 100], [0, 100]);
    expect(areaWithin(seamLine(ell, 10) ?? [])).toBeCloseTo(80 * 20 + 20 * 60, 6);
  });

  it("of a quarter of a circle follows the arc", () => {
    const arc = quarterCircle(200);
    const first = Array.isArray(arc) ? arc : [arc];
    const outline = [
      ...first,
      straight(first.at(-1)?.to ?? point(0, 0), point(0, 0)),
      straight(point(0, 0), first[0]?.from ?? point(0, 0)),
    ];
    const line = seamLine(outline, 10);
    // Two sides moved in, and an arc of a radius smaller by the allowance, between them.
    const [r, a] = [190, 10];
    const angle = Math.acos(a / r) - Math.asin(a / r);
    const reach = Math.sqrt(r * r - a * a);
    const wanted = (r * r * angle) / 2 - a * (reach - a);
    expect(areaWithin(line ?? [])).toBeCloseTo(wanted, -1.5);
  });

  it("gives back the line an allowance was added to", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 400 }),
        fc.integer({ min: 60, max: 400 }),
        fc.integer({ min: 3, max: 20 }),
        (width, height, allowanceMm) => {
          // A corner sharper than a mitre reaches is cut off with its allowance: nothing could give it back.
          fc.pre(2 * height >= width);
          const seam = through([0, 0], [width, 0], [width * 0.8, height], [width * 0.1, height * 0.9]);
          const edges = seam.map((line, at) => ({
            ...({ id: String(at), role: "own", finish: "seam", seam: null } as const),
            ...{ allowanceMm, lines: [line] },
          }));
          const back = seamLine(cutLine({ edges }), allowanceMm);
          expect(areaWithin(back ?? [])).toBeCloseTo(areaWithin(seam), 3);
        },
      ),
    ));

  it("is none where the piece is narrower than two allowances, in one way or in both", () => {
    expect(seamLine(box(100, 15), 10)).toBeNull();
    expect(seamLine(box(15, 15), 10)).toBeNull();
    expect(
      seamLine(through([0, 0], [100, 0], [100, 60], [60, 60], [60, 12], [40, 12], [40, 60], [0, 60]), 10),
    ).toBeNull();
  });
});
