import { calculation, isBra, small } from "../../calculation/index.ts";
import { reckonClosure } from "./reckonClosure.ts";
import { NEW_CLOSURE } from "./working.ts";

/** Hook tape and bridge. */
export const closureCalculation = calculation({
  step: "band",
  fresh: NEW_CLOSURE,
  fields: {
    rows: { as: "number", label: "Rows of hooks", least: 1, most: 3, whole: true, hint: "19 mm a row." },
    tapeMm: small("Tape, measured", 120, "Empty: by its rows."),
    availableMm: small("Room at back end", 200, "Between folded edges."),
    bridgeToEdgeMm: small("Channel to edge", 150),
    edgeFoldMm: small("Fold of its elastic", 40, "At the bridge.", true),
    dipMm: small("Dip wanted", 120),
  },
  appears: isBra,
  facts: () => null,
  reckon: reckonClosure,
});
