import { describe, expect, it } from "vitest";
import { LONG_CODES, measureOf, placesOf } from "../body/index.ts";
import { styleOf } from "../ease/index.ts";
import { placeOf, SPOTS, sideAt, spotsNear, spotsOf, viewsOf } from "../fitting/index.ts";
import { garmentPath } from "./garment.ts";
import { CENTRE, FIELD, type FigureView, LEVEL } from "./geometry.ts";
import { ARM_PATHS, HEAD_PATH, OUTLINES, TRUNK_PATH } from "./outline.ts";
import { SIDE_PATH } from "./sideOutline.ts";
import { smooth } from "./smooth.ts";
import { tapeWays } from "./tapePaths.ts";

const at = (x: number, y: number, view: FigureView = "front") => ({
  view,
  x: x / FIELD.width,
  y: y / FIELD.height,
});

describe("a tap on the figure", () => {
  it.each([
    [CENTRE, LEVEL.waist, "waist"],
    [CENTRE + 20, LEVEL.highHip, "highHip"],
    [CENTRE, LEVEL.hip, "hip"],
    [CENTRE + 22, 250, "leg"],
    [CENTRE - 40, 226, "leg"],
    [CENTRE, 20, "waist"],
  ])("at %d, %d is at the spot nearest to it: %s", (x, y, spot) => {
    expect(spotsNear(at(x, y), spotsOf(styleOf("brief")))[0]?.id).toBe(spot);
  });

  it("is on the wearer's left at the viewer's right from the front, the other way from the back", () => {
    expect(sideAt(at(CENTRE + 30, 200))).toBe("left");
    expect(sideAt(at(CENTRE - 30, 200))).toBe("right");
    expect(sideAt(at(CENTRE + 30, 200, "back"))).toBe("right");
    expect(sideAt(at(CENTRE + 8, 200))).toBe("both");
  });

  it.each(SPOTS.map(({ id }) => id))("finds the %s again where a pin was put by name", (spot) => {
    for (const side of ["left", "right"] as const) {
      for (const view of viewsOf(spot)) {
        const place = placeOf(spot, side, view);
        expect(place.view).toBe(view);
        expect(spotsNear(place, SPOTS)[0]?.id).toBe(spot);
        expect(place.x > 0 && place.x < 1 && place.y > 0 && place.y < 1).toBe(true);
      }
    }
  });

  it("on a view that does not show the spot is put on one that does", () => {
    expect(placeOf("smallOfBack", "both", "front").view).toBe("back");
  });
});

describe("tapes", () => {
  it("of girths are seen from everywhere, of the breast close up", () => {
    expect(Object.keys(tapeWays("waist", "single"))).toEqual(["front", "back", "side"]);
    expect(Object.keys(tapeWays("wire_line", "left"))).toEqual(["breast"]);
  });

  it("of two sides lie on different sides", () => {
    for (const { code, side } of placesOf(LONG_CODES).filter(
      (place) => place.side === "left" && place.code !== "projection",
    )) {
      expect(tapeWays(code, side), code).not.toEqual(tapeWays(code, "right"));
    }
  });

  it("stay within the field", () => {
    for (const { code, side } of placesOf(LONG_CODES)) {
      for (const tape of Object.values(tapeWays(code, side))) {
        const numbers = tape.path.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
        expect(
          numbers.every((value) => value >= 0 && value <= FIELD.height),
          `${measureOf(code).name}: ${tape.path}`,
        ).toBe(true);
      }
    }
  });
});

it("draws a garment from its highest level to its legs, or to its last level", () => {
  expect(garmentPath(["overbust", "bust", "hip", "leg"], "front")).toMatch(/^M 50 108 .* 262/);
  expect(garmentPath(["bust", "underbust"], "front")).toMatch(/^M 50 124 .* L 170 155 /);
  expect(garmentPath(["highHip", "leg"], "back")).toMatch(/^M 50 206 /);
});

it("draws a smooth curve from its first point to its last", () => {
  const path = smooth([
    [0, 0],
    [10, 5],
    [20, 0],
  ]);
  expect(path).toMatch(/^M0,0C/);
  expect(path).toMatch(/,20,0$/);
  expect(path.match(/C/g)).toHaveLength(2);
});

describe("the outline", () => {
  const numbersOf = (path: string): number[] => path.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
  const xsOf = (path: string) => numbersOf(path).filter((_, index) => index % 2 === 0);

  it("is the same on both sides of the middle, and within the field across", () => {
    const [right, , left] = OUTLINES as [string, string, string, string];
    const mirrored = xsOf(left).map((x) => 2 * CENTRE - x);
    for (const [index, x] of xsOf(right).entries()) expect(mirrored[index]).toBeCloseTo(x, 0);
    for (const path of [TRUNK_PATH, ...ARM_PATHS, SIDE_PATH, HEAD_PATH]) {
      expect(Math.min(...xsOf(path))).toBeGreaterThan(0);
      expect(Math.max(...xsOf(path))).toBeLessThan(FIELD.width);
    }
  });

  it("holds the spots of the trunk: a pin's head, 9 in radius, always touches the body", () => {
    const half = (y: number) => {
      const points =
        TRUNK_PATH.match(/-?\d+(?:\.\d+)?[ ,]-?\d+(?:\.\d+)?/g)?.map((pair) => pair.split(/[ ,]/).map(Number)) ?? [];
      const near = points
        .filter(([, at]) => Math.abs((at as number) - y) < 12)
        .map(([x]) => Math.abs((x as number) - CENTRE));
      return Math.max(...near);
    };
    for (const { id, at: places } of SPOTS.filter(({ id }) => id !== "arm")) {
      for (const [x, y] of places.front ?? []) expect(x, `${id} at ${y}`).toBeLessThanOrEqual(half(y) + 8);
    }
  });
});
