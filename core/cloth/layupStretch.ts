import type { Cloth, SwatchTest } from "./cloth.ts";
import { type Counting, countingTest } from "./countingTest.ts";
import { sumCurves } from "./curve/sumCurves.ts";
import type { TensionCurve } from "./curve/tensionCurve.ts";
import type { Direction } from "./direction.ts";
import type { ClothStretch, TestResult } from "./evaluateTest.ts";
import type { LayerRole } from "./layupRecord.ts";
import type { ClothSettings } from "./settings.ts";
import { type WearBasis, wearCurve } from "./wearTension.ts";

/** One layer of a garment: a cloth with its tests, laid one way round the body. */
export interface GarmentLayer {
  readonly cloth: Cloth;
  readonly tests: readonly SwatchTest[];
  readonly direction: Direction;
  /** What it is there for; left out where it is the only one. */
  readonly role?: LayerRole;
}

/** A layer with what counts of its tests; null where it was not tested that way, or no test can be read. */
export interface TestedLayer extends GarmentLayer {
  readonly test: SwatchTest | null;
  readonly result: Counting | null;
}

/** What the layers of a garment do together, for planning it. */
export interface LayupStretch extends ClothStretch {
  /** Summed tension in wear; null where a layer has no ladder. */
  readonly wear: TensionCurve | null;
  /** Where the tension in wear comes from: `factor` as soon as one layer has no way back. Null without a curve. */
  readonly wearBasis: WearBasis | null;
  /** Layers without a ladder, by name: while there is one, tension and pressure are not known. */
  readonly withoutCurve: readonly string[];
  /** Name of the layer that sets the usable stretch. */
  readonly setBy: string;
  /** ν of the outermost layer; null where its width was not read. */
  readonly contraction: number | null;
  /** Smallest usable stretch along the body; null where a layer was not tested that way. */
  readonly usableAlong: number | null;
  /** Layers that were not tested along the body. */
  readonly untestedAlong: readonly { readonly clothId: number; readonly name: string; readonly direction: Direction }[];
}

/** The direction that runs along the body when a cloth is laid one way round it. */
export const alongOf = (roundTheBody: Direction): Direction =>
  roundTheBody === "across" ? "along" : roundTheBody === "along" ? "across" : "bias";

/** Each layer with what counts of its tests. */
export const testLayers = (layers: readonly GarmentLayer[], settings: ClothSettings): TestedLayer[] =>
  layers.map((layer) => {
    const result = countingTest(layer.tests, layer.direction, layer.cloth.kind, settings);
    return { ...layer, test: result?.test ?? null, result };
  });

/**
 * What layers stretched together do: the smallest usable stretch, the summed tension in wear, and the recovery of the
 * layer that comes back least (they grow together, and the one that lets go most loses most).
 *
 * @returns null while there is no layer, or one was not tested round the body.
 */
export function layupStretch(layers: readonly TestedLayer[], settings: ClothSettings): LayupStretch | null {
  const results = layers.flatMap(({ result }) => (result ? [result] : []));
  const [outermost] = results;
  if (!outermost || results.length < layers.length) return null;
  const leastIndex = results.reduce(
    (best, { usable }, at) => (usable < (results[best] as TestResult).usable ? at : best),
    0,
  );
  const least = results[leastIndex] as TestResult;
  const back = leastRecovered(results);
  const ladders = results.flatMap(({ ladder }) => (ladder ? [ladder] : []));
  const known = ladders.length === results.length;
  return {
    usable: least.usable,
    basis: least.basis,
    growth: back.growth,
    recovery: back.recovery,
    recoveredAfter: back.recoveredAfter,
    willBag: results.some(({ willBag }) => willBag),
    wear: known ? sumCurves(ladders.map((ladder) => wearCurve(ladder, settings.wearFactor))) : null,
    wearBasis: known ? (ladders.every(({ returning }) => returning) ? "return" : "factor") : null,
    withoutCurve: layers.filter(({ result }) => !result?.ladder).map(({ cloth }) => cloth.name),
    setBy: layers[leastIndex]?.cloth.name ?? "",
    contraction: outermost.ladder?.contraction ?? null,
    ...leastAlong(layers, settings),
  };
}

/** The result whose recovery is least; one without a reading where any layer has none. */
const leastRecovered = (results: readonly TestResult[]): TestResult =>
  results.reduce((worst, next) =>
    worst.recovery === null || (next.recovery !== null && worst.recovery <= next.recovery) ? worst : next,
  );

function leastAlong(
  layers: readonly TestedLayer[],
  settings: ClothSettings,
): Pick<LayupStretch, "usableAlong" | "untestedAlong"> {
  const along = testLayers(
    layers.map((layer) => ({ ...layer, direction: alongOf(layer.direction) })),
    settings,
  );
  const untestedAlong = along
    .filter(({ result }) => result === null)
    .map(({ cloth, direction }) => ({ clothId: cloth.id, name: cloth.name, direction }));
  const known = along.flatMap(({ result }) => (result ? [result.usable] : []));
  return { usableAlong: untestedAlong.length === 0 ? Math.min(...known) : null, untestedAlong };
}
