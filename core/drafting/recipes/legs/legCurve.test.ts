import { describe, expect, it } from "vitest";
import { point } from "../../geometry/index.ts";
import { type LegLine, legCurve, legLength } from "./legCurve.ts";

const ENDS = { side: point(200, 140), inward: point(-1, 0), gusset: point(30, 264) };
const LINES: readonly LegLine[] = ["straight", "curved", "fuller"];

describe.each(LINES)("a %s leg", (line) => {
  it("is longer with every bit of fullness", () => {
    const lengths = Array.from({ length: 21 }, (_, step) => legLength(ENDS, line, step / 20, 0));
    lengths.slice(1).forEach((mm, at) => {
      expect(mm).toBeGreaterThan(lengths[at] ?? 0);
    });
  });

  it("runs from the side to the gusset, longer than the straight way", () => {
    const edges = legCurve(ENDS, line, 0.5, 0);
    expect([edges[0]?.from, edges.at(-1)?.to]).toEqual([ENDS.side, ENDS.gusset]);
    expect(legLength(ENDS, line, 0, 0)).toBeGreaterThan(Math.hypot(170, 124));
  });
});

describe("a leg", () => {
  it("raised moves its middle up into the piece by as much", () => {
    const middle = (raisedMm: number) => {
      const [edge] = legCurve(ENDS, "curved", 0.2, raisedMm);
      if (!edge) throw new Error("There is an edge.");
      const at = (axis: "x" | "y") =>
        (edge.from[axis] + 3 * edge.leave[axis] + 3 * edge.arrive[axis] + edge.to[axis]) / 8;
      return point(at("x"), at("y"));
    };
    const [plain, raised] = [middle(0), middle(10)];
    expect(Math.hypot(plain.x - raised.x, plain.y - raised.y)).toBeCloseTo(10, 9);
    expect(raised.y).toBeLessThan(plain.y);
    expect(raised.x).toBeLessThan(plain.x);
  });

  it("at a side that leans far outward does not come down past the gusset", () => {
    const leaning = { ...ENDS, inward: point(-Math.cos(0.9), Math.sin(0.9)) };
    const [edge] = legCurve(leaning, "curved", 1, 0);
    expect(edge?.leave.y).toBeLessThan(ENDS.gusset.y);
  });
});
