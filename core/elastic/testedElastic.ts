import { type ClothSettings, type GarmentLayer, scaledCurve, testLayers } from "../cloth/index.ts";
import type { ElasticTested } from "./elasticEdge.ts";

/** An elastic of the shelf, as it was tested. */
export interface NamedElastic {
  readonly name: string;
  /** Of the strip that was tested, mm; null where it was not loaded. */
  readonly widthMm: number | null;
  readonly tested: ElasticTested;
}

/** What the counting test of an elastic tells: its own force on the way up is its tension times the width of the strip. */
export function testedElastic(layer: GarmentLayer, settings: ClothSettings): NamedElastic {
  const [one] = testLayers([layer], settings);
  const { ladder = null, usable = null, recovery = null } = one?.result ?? {};
  const widthMm = one?.test?.ladder?.widthMm ?? null;
  const forceN = ladder && widthMm !== null ? scaledCurve(ladder.loading, widthMm / 1000) : null;
  return { name: layer.cloth.name, widthMm, tested: { forceN, recovery, usable } };
}
