import { calculation, choice, isBra, small } from "../../calculation/index.ts";
import { bandFactsOf } from "./bandFactsOf.ts";
import { reckonBand } from "./reckonBand.ts";
import { NEW_BAND } from "./working.ts";

/** The band of a bra: wings, rigid parts, elastics. */
export const bandCalculation = calculation({
  step: "band",
  fresh: NEW_BAND,
  fields: {
    rigidMm: {
      as: "length",
      label: "Rigid parts cover",
      mostMm: 1500,
      zero: true,
      hint: "Bridge, cradles, hooks. Empty: as the pieces are drawn.",
    },
    heightMm: small("Height of the band", 300),
    by: choice("Given is", [
      ["strain", "the strain"],
      ["pressure", "the pressure"],
    ]),
    strain: {
      as: "percent",
      label: "Strain of the wings",
      least: 0,
      most: 200,
      hint: "Empty: by the plan.",
    },
    pressureKpa: {
      as: "number",
      label: "Mean pressure",
      least: 0.05,
      most: 6,
      suffix: "kPa",
      hint: "Support 1.2–1.5.",
    },
    topElastic: { as: "pick", of: "elastic", label: "Top elastic" },
    topRatio: { as: "number", label: "Top, over wing", least: 0.5, most: 1.2, hint: "Empty: 0.9." },
    bottomElastic: { as: "pick", of: "elastic", label: "Bottom elastic" },
    bottomRatio: { as: "number", label: "Bottom, over wing", least: 0.5, most: 1.2, hint: "Empty: 0.9." },
  },
  appears: isBra,
  facts: bandFactsOf,
  reckon: reckonBand,
});
