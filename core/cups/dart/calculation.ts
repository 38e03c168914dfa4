import { calculation, small } from "../../calculation/index.ts";
import { hasBust } from "../hasBust.ts";
import { reckonDart } from "./reckonDart.ts";
import { NEW_DART } from "./working.ts";

/** A dart from a gape, turned into another seam. */
export const dartCalculation = calculation({
  step: "cups",
  fresh: NEW_DART,
  fields: {
    from: { as: "text", label: "Gape at", hint: "Armhole, neckline …" },
    into: { as: "text", label: "Dart into", hint: "Side seam, underbust …" },
    widthMm: small("Gape at the edge", 150),
    toApexMm: small("Edge to apex", 500),
    newToApexMm: small("New seam to apex", 500),
    stopMm: small("Stops before apex", 60, "12 small, 25 full.", true),
    ownEdgeMm: small("Edge with the dart", 1500, "As drafted."),
    neighbourMm: small("Edge it is sewn to", 1500),
    movedOutMm: { as: "signed", label: "Apex moved out", mostMm: 150, hint: "− to the centre." },
    movedDownMm: { as: "signed", label: "Apex moved down", mostMm: 150, hint: "− upwards." },
  },
  appears: hasBust,
  facts: ({ body }) => ({ body }),
  reckon: reckonDart,
});
