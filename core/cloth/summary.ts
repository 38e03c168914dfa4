import type { Cloth, SwatchTest } from "./cloth.ts";
import { type Counting, countingTest } from "./countingTest.ts";
import { DIRECTIONS, type Direction } from "./direction.ts";
import type { ClothSettings } from "./settings.ts";
import { type StretchClass, stretchClassOf } from "./stretchClass.ts";

/** What counts of one direction. */
export interface DirectionSummary extends Counting {
  readonly direction: Direction;
  readonly stretchClass: StretchClass;
}

/** Every tested direction of a cloth by what counts of its tests, in the usual order. */
export function summariseTests(
  tests: readonly SwatchTest[],
  kind: Cloth["kind"],
  settings: ClothSettings,
): DirectionSummary[] {
  return DIRECTIONS.flatMap((direction) => {
    const counting = countingTest(tests, direction, kind, settings);
    return counting ? [{ direction, ...counting, stretchClass: stretchClassOf(counting.usable) }] : [];
  });
}
