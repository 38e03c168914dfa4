import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { BREAST_MEASURES, NO_DROPS, STRAP, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A wired bra, closed with hooks: its band carries, its cups are cut from their own measures. */
export const wiredBra: Style = {
  id: "wiredBra",
  name: "Wired bra",
  summary: "The band carries; closed with hooks.",
  family: "wiredBand",
  zones: ["underbust"],
  measures: ["underbust", "underbust_inhaled", "bust", "overbust", "strap_front", "strap_back", ...BREAST_MEASURES],
  limits: { ...USUAL_LIMITS, leastStretch: 0.15 },
  pullOn: [],
  lengths: [STRAP],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: sidesAt("underbust"),
  cautions: [
    "A wire sits on the ribs, never on tissue. After breast surgery or during nursing follow clinical advice.",
    "A school’s girth is that of a band that stretches all round; bridge, cradles and hook tape do not. Once pieces are drawn the strain shown is that of the wings; the band step works out the girth for it and can make it the plan’s underbust.",
  ],
};
