import { calculation, choice, small } from "../../calculation/index.ts";
import { elsewhereOf } from "../../standing/index.ts";
import { reckonWire } from "./reckonWire.ts";
import { NEW_WIRE } from "./working.ts";

/** Wires in their channels. */
export const wireCalculation = calculation({
  step: "band",
  fresh: NEW_WIRE,
  fields: {
    sides: choice("The two sides", [
      ["alike", "alike: one wire"],
      ["apart", "left and right apart"],
    ]),
    channelMm: small("Channel", 600, "Along the seam line."),
    rightChannelMm: small("Right: channel", 600, "Along the seam line."),
    foldTopMm: small("Fold at the top", 40, undefined, true),
    foldBridgeMm: small("Fold at the bridge", 40, undefined, true),
    wireMm: small("Wire, along it", 600, "Tip to tip."),
    rightWireMm: small("Right: wire, along it", 600, "Tip to tip."),
    tipDistanceMm: small("Tips apart at rest", 400),
    rightTipDistanceMm: small("Right: tips apart at rest", 400),
    springMm: small("Tips spring apart by", 60, undefined, true),
    rightSpringMm: small("Right: tips spring by", 60, undefined, true),
    diameterMm: small("Wire, tip to tip across", 300, "Straight across, at rest; not its thickness.", true),
    rightDiameterMm: small("Right: tip to tip across", 300, "Straight across, at rest.", true),
    raiseAt: choice("A raise goes", [
      ["underarm", "all to the underarm"],
      ["both", "half to the bridge"],
    ]),
  },
  appears: ({ family }) => family === "wiredBand",
  facts: ({ body, keptWorkings }) => ({ body, elsewhere: elsewhereOf("wire", keptWorkings) }),
  reckon: reckonWire,
});
