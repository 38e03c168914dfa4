import { type Cloth, countingTest, type SwatchTest } from "./cloth.ts";
import { DIRECTIONS, type Direction } from "./direction.ts";
import { evaluateTest, type TestResult } from "./evaluateTest.ts";
import { type ClothSettings, SHIPPED_CLOTH_SETTINGS } from "./settings.ts";
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
  settings: ClothSettings = SHIPPED_CLOTH_SETTINGS,
): DirectionSummary[] {
  return DIRECTIONS.flatMap((direction) => {
    const test = countingTest(tests, direction);
    const result = test && evaluateTest(test, kind, settings);
    if (!test || !result?.ok) return [];
    return [{ direction, test, ...result.value, stretchClass: stretchClassOf(result.value.usable) }];
  });
}

/** Which direction stretches most and which returns best, with what to say where they differ. */
export interface DirectionAdvice {
  readonly stretchesMost: Direction;
  /** Direction of the best recovery; null where fewer than two directions were read after 60 s. */
  readonly returnsBest: Direction | null;
  readonly words: string;
}

/** Advice on what to lay round the body; null while fewer than two directions were tested. */
export function adviseDirection(kind: Cloth["kind"], summaries: readonly DirectionSummary[]): DirectionAdvice | null {
  if (summaries.length < 2) return null;
  const most = summaries.reduce((best, next) => (next.usable > best.usable ? next : best));
  const returning = summaries.filter(({ recovery }) => recovery !== null);
  const best =
    returning.length < 2
      ? null
      : returning.reduce((top, next) => ((next.recovery as number) > (top.recovery as number) ? next : top));
  return { stretchesMost: most.direction, returnsBest: best?.direction ?? null, words: wordsFor(kind, most, best) };
}

function wordsFor(kind: Cloth["kind"], most: DirectionSummary, best: DirectionSummary | null): string {
  if (!best) return `It stretches most ${most.direction}; read the length after 60 s to know which way returns best.`;
  if (best.direction === most.direction) return `It stretches most ${most.direction} and returns best that way too.`;
  const net = kind === "net" ? " On a net, the direction in which the cells draw narrow usually lasts longer." : "";
  return `It stretches most ${most.direction} but returns best ${best.direction}: round the body, the one that returns lasts longer.${net}`;
}
