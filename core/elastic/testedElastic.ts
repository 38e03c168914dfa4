import { scaledCurve, type TestedLayer } from "../cloth/index.ts";
import type { ElasticTested } from "./elasticEdge.ts";

/** What the counting test of an elastic tells, and how wide the strip was that was loaded, mm; null where none was. */
export interface TestedElastic {
  readonly widthMm: number | null;
  readonly tested: ElasticTested;
}

/** What the counting test of an elastic tells: its own force on the way up is its tension times the width of the strip. */
export function testedElastic(layer: TestedLayer | undefined): TestedElastic {
  const { ladder = null, usable = null, recovery = null } = layer?.result ?? {};
  const widthMm = layer?.test?.ladder?.widthMm ?? null;
  const forceN = ladder && widthMm !== null ? scaledCurve(ladder.loading, widthMm / 1000) : null;
  return { widthMm, tested: { forceN, recovery, usable } };
}
