import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { directionAt } from "./along.ts";
import { lengthOfEdges } from "./length.ts";
import { angleBetween, point } from "./point.ts";
import { smoothThrough } from "./through.ts";

const onCircle = (radius: number, angles: readonly number[]) =>
  angles.map((angle) => point(radius * Math.cos(angle), radius * Math.sin(angle)));

describe("smooth curves through places", () => {
  it.each([1, 60, 1000])("of a circle of radius %s are as long as its arc", (radius) => {
    const angles = Array.from({ length: 12 }, (_, at) => (at * Math.PI) / 11);
    expect(lengthOfEdges(smoothThrough(onCircle(radius, angles)))).toBeCloseTo(Math.PI * radius, radius < 100 ? 3 : 1);
  });

  it("of a circle, unevenly apart, stay as long within a thousandth", () => {
    const angles = [0, 0.1, 0.35, 0.5, 0.8, 0.95, 1.2];
    expect(lengthOfEdges(smoothThrough(onCircle(100, angles))) / 120).toBeCloseTo(1, 3);
  });

  it("go on without a corner, through every place", () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: -9, max: 9 })), {
          minLength: 3,
          maxLength: 20,
        }),
        (steps) => {
          let [x, y] = [0, 0];
          const places = steps.map(([across, down]) => {
            x += across;
            y += down;
            return point(x, y);
          });
          const lines = smoothThrough(places);
          expect(lines.map(({ from }) => from)).toEqual(places.slice(0, -1));
          for (const [at, line] of lines.slice(1).entries()) {
            const [arriving, leaving] = [directionAt(lines[at] ?? line, 1), directionAt(line, 0)];
            if (!arriving || !leaving) throw new Error("An edge has no direction.");
            expect(Math.abs(angleBetween(arriving, leaving))).toBeLessThan(1e-6);
          }
        },
      ),
    ));

  it("through two places are straight, through fewer nothing", () => {
    expect(smoothThrough([point(0, 0), point(3, 4)])).toMatchObject([{ kind: "straight" }]);
    expect(smoothThrough([point(0, 0)])).toEqual([]);
  });
});
