import type { ShelfElastic } from "../../calculation/besideJob.ts";
import { scaledCurve } from "../../cloth/curve/scaledCurve.ts";
import { type GarmentLayer, testLayers } from "../../cloth/layupStretch.ts";
import type { ClothSettings } from "../../cloth/settings.ts";
import { wearCurve } from "../../cloth/wearTension.ts";

/** The force (N) of an elastic in wear, by its strain: its tension times the width of the strip that was tested. */
export function shelfElastic(layer: GarmentLayer, settings: ClothSettings): ShelfElastic {
  const [tested] = testLayers([layer], settings);
  const { id, name } = layer.cloth;
  const ladder = tested?.result?.ladder;
  const width = tested?.test?.ladder?.widthMm;
  if (!ladder || width === undefined) return { id, name, forceN: null };
  return { id, name, forceN: scaledCurve(wearCurve(ladder, settings.wearFactor), width / 1000) };
}
