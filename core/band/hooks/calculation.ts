import { calculation, isBra, small } from "../../calculation/index.ts";
import { elsewhereOf } from "../../standing/index.ts";
import { reckonHooks } from "./reckonHooks.ts";
import { NEW_HOOKS } from "./working.ts";

/** Hook tape and bridge. */
export const hooksCalculation = calculation({
  step: "band",
  fresh: NEW_HOOKS,
  fields: {
    rows: { as: "number", label: "Rows of hooks", least: 1, most: 3, whole: true, hint: "19 mm a row." },
    tapeMm: small("Tape, measured", 120, "Empty: by its rows."),
    availableMm: small("Room at back end", 200, "Between folded edges."),
    bridgeToEdgeMm: small("Channel to edge", 150),
    edgeFoldMm: small("Fold of its elastic", 40, "At the bridge.", true),
    dipMm: small("Dip wanted", 120),
  },
  appears: isBra,
  facts: ({ keptWorkings }) => ({ elsewhere: elsewhereOf("closure", keptWorkings) }),
  reckon: reckonHooks,
});
