import type { ShelfElastic } from "../../calculation/index.ts";
import { type ClothSettings, type GarmentLayer, scaledCurve, testLayers, wearCurve } from "../../cloth/index.ts";
import { testedElastic } from "../../elastic/index.ts";

/** The force (N) of an elastic in wear, by its strain: its tension times the width of the strip that was tested. */
export function shelfElastic(layer: GarmentLayer, settings: ClothSettings): ShelfElastic {
  const [tried] = testLayers([layer], settings);
  const { id, name, elasticKind, rollWidthMm } = layer.cloth;
  const { widthMm, tested } = testedElastic(tried);
  const ladder = tried?.result?.ladder;
  return {
    ...{ id, name, kind: elasticKind ?? "", widthMm: rollWidthMm ?? widthMm, tested },
    forceN: ladder && widthMm !== null ? scaledCurve(wearCurve(ladder, settings.wearFactor), widthMm / 1000) : null,
  };
}
