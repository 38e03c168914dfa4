import type { ChartSize } from "./sizeChart.ts";

/** How the bust stands above the overbust, on the body and in the chart. mm. */
export interface BustByOverbust {
  /** Bust less overbust of the body. */
  readonly bodyDifferenceMm: number;
  /** Bust less overbust of the body the chart draws that size for. */
  readonly chartDifferenceMm: number;
  readonly excessMm: number;
  /** True where the pattern is sized by the overbust and the cups are given room. */
  readonly applies: boolean;
}

/**
 * Whether a pattern is sized by the overbust: where the body's bust stands more above its overbust than the chart's at
 * the overbust's size, a size up would be too large everywhere but at the bust.
 *
 * @param size the size the overbust alone would take.
 * @param overMm how much more is too much (a setting).
 * @returns null where the chart does not state both bodies.
 */
export function bustByOverbust(
  body: { readonly bustMm: number; readonly overbustMm: number },
  size: ChartSize,
  overMm: number,
): BustByOverbust | null {
  const { bust, overbust } = size.body;
  if (bust === undefined || overbust === undefined) return null;
  const bodyDifferenceMm = body.bustMm - body.overbustMm;
  const chartDifferenceMm = bust - overbust;
  const excessMm = bodyDifferenceMm - chartDifferenceMm;
  return { bodyDifferenceMm, chartDifferenceMm, excessMm, applies: excessMm > overMm };
}
