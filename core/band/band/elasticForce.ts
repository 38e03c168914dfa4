import type { ShelfElastic } from "../../calculation/index.ts";
import { type ClothSettings, type GarmentLayer, scaledCurve, testLayers, wearCurve } from "../../cloth/index.ts";

import { testedElastic } from "../../elastic/index.ts";

/** The force (N) of an elastic in wear, by its strain: its tension times the width of the strip that was tested. */
export function shelfElastic(layer: GarmentLayer, settings: ClothSettings): ShelfElastic {
  const [tested] = testLayers([layer], settings);
  const { id, name, elasticKind, rollWidthMm } = layer.cloth;
  const own = testedElastic(layer, settings);
  const bought = { id, name, kind: elasticKind ?? "", widthMm: rollWidthMm ?? own.widthMm, tested: own.tested };
  const ladder = tested?.result?.ladder;
  const width = tested?.test?.ladder?.widthMm;
  if (!ladder || width === undefined) return { ...bought, forceN: null };
  return { ...bought, forceN: scaledCurve(wearCurve(ladder, settings.wearFactor), width / 1000) };
}
