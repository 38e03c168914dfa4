import type { Direction } from "./direction.ts";
import type { HandTest } from "./handTest.ts";

/** How a cloth is made. */
export type ClothKind = "knit" | "net" | "lace" | "woven" | "elastic";

/** All kinds in the order they are offered. */
export const CLOTH_KINDS: readonly ClothKind[] = ["knit", "net", "lace", "woven", "elastic"];

/** A fabric as bought. */
export interface Cloth {
  readonly id: number;
  readonly name: string;
  readonly kind: ClothKind;
  readonly composition: string;
  readonly notes: string;
  readonly version: number;
}

/** One hand test of a cloth in one direction. Never changed; a newer test counts instead. */
export interface SwatchTest extends HandTest {
  readonly id: number;
  readonly clothId: number;
  readonly direction: Direction;
  /** Day of testing, ISO date. */
  readonly testedOn: string;
}

/** The test that counts for a direction: the newest by day, then the one entered last. */
export function countingTest(tests: readonly SwatchTest[], direction: Direction): SwatchTest | undefined {
  return tests
    .filter((test) => test.direction === direction)
    .reduce<SwatchTest | undefined>((best, test) => (best && isNewer(best, test) ? best : test), undefined);
}

const isNewer = (a: SwatchTest, b: SwatchTest): boolean =>
  a.testedOn > b.testedOn || (a.testedOn === b.testedOn && a.id > b.id);
