import { type CalculatedStyle, calculation, length, small } from "../../calculation/index.ts";
import { hasTrunk } from "../trunk/hasTrunk.ts";
import { reckonRise } from "./rise.ts";
import { riseFactsOf } from "./riseFactsOf.ts";
import { NEW_RISE } from "./working.ts";

/** True where a garment has a rise of its own. */
const hasRise = ({ lengths }: CalculatedStyle): boolean => lengths.some(({ id }) => id === "frontRise");

/** The rises of a bottom, its top edge and the lines beside them. */
export const riseCalculation = calculation({
  step: "torso",
  fresh: NEW_RISE,
  fields: {
    dropFrontMm: small("Below waist, front", 400, "Empty: by the style.", true),
    dropBackMm: small("Below waist, back", 400, "Empty: by the style.", true),
    dropSideMm: small("Below waist, side", 400, "Empty: with front and back.", true),
    frontRiseMm: length("Front rise"),
    backRiseMm: length("Back rise"),
    depthMm: length("Crotch depth", "Edge to seat line."),
    frontWaistMm: length("Front waist", "Shoulder to its waist line."),
    backWaistMm: length("Back waist", "Nape to its waist line."),
    inseamMm: length("Inseam", "Where it has legs."),
    elasticRatio: {
      as: "number",
      label: "Elastic over edge",
      least: 0.5,
      most: 1,
      hint: "Empty: 0.92. Once pieces are drawn, Elastics has the word.",
    },
  },
  appears: (style) => hasRise(style) || hasTrunk(style),
  facts: riseFactsOf,
  reckon: reckonRise,
});
