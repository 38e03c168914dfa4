import { type Cloth, countingTest, type SwatchTest } from "./cloth.ts";
import { DIRECTIONS, type Direction } from "./direction.ts";
import { evaluateTest, type TestResult } from "./evaluateTest.ts";
import type { ClothSettings } from "./settings.ts";
import { type StretchClass, stretchClassOf } from "./stretchClass.ts";

/** What the counting test of one direction says. */
export interface DirectionSummary extends TestResult {
  readonly direction: Direction;
  readonly test: SwatchTest;
  readonly stretchClass: StretchClass;
}

/** Every tested direction of a cloth by its counting test, in the usual order. */
export function summariseTests(
  tests: readonly SwatchTest[],
  kind: Cloth["kind"],
  settings: ClothSettings,
): DirectionSummary[] {
  return DIRECTIONS.flatMap((direction) => {
    const test = countingTest(tests, direction);
    const result = test && evaluateTest(test, kind, settings);
    if (!test || !result?.ok) return [];
    return [{ direction, test, ...result.value, stretchClass: stretchClassOf(result.value.usable) }];
  });
}
