import { calculation, choice, isBra, small } from "../../calculation/index.ts";
import { reckonStrap } from "./reckonStrap.ts";
import { NEW_STRAP } from "./working.ts";

/** Straps: what to cut, and what hangs on them. */
export const strapCalculation = calculation({
  step: "band",
  fresh: NEW_STRAP,
  fields: {
    hardwareMm: small("Rings and slider", 200, "Along the strap.", true),
    allowanceMm: small("Allowances", 300, "Ends and loop.", true),
    widthMm: small("Width of the strap", 100),
    by: choice("Strain by", [
      ["habit", "habit"],
      ["test", "the elastic’s test"],
      ["rigid", "none: of cloth"],
    ]),
    elastic: { as: "pick", of: "elastic", label: "Strap elastic" },
    halter: { as: "check", label: "A halter, round the neck" },
  },
  appears: (style) => isBra(style) || style.lengths.some(({ id }) => id === "strap"),
  facts: ({ body, settings, beside }) => ({
    body,
    strapStrain: settings.strapStrain,
    settingsName: beside.settingsName,
    elastics: beside.elastics,
  }),
  reckon: reckonStrap,
});
