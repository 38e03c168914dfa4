import type { ShelfElastic } from "../../calculation/index.ts";
import { type ClothSettings, type GarmentLayer, scaledCurve, testLayers, wearCurve } from "../../cloth/index.ts";

/** The force (N) of an elastic in wear, by its strain: its tension times the width of the strip that was tested. */
export function shelfElastic(layer: GarmentLayer, settings: ClothSettings): ShelfElastic {
  const [tested] = testLayers([layer], settings);
  const { id, name } = layer.cloth;
  const ladder = tested?.result?.ladder;
  const width = tested?.test?.ladder?.widthMm;
  if (!ladder || width === undefined) return { id, name, forceN: null };
  return { id, name, forceN: scaledCurve(wearCurve(ladder, settings.wearFactor), width / 1000) };
}
