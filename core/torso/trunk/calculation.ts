import { calculation, choice, length } from "../../calculation/index.ts";
import { hasTrunk } from "./hasTrunk.ts";
import { reckonTrunk } from "./trunk.ts";
import { trunkFactsOf } from "./trunkFactsOf.ts";
import { NEW_TRUNK } from "./working.ts";

/** The trunk loop a body needs, held against the loop there is. */
export const trunkCalculation = calculation({
  step: "torso",
  fresh: NEW_TRUNK,
  fields: {
    from: choice("The present loop comes from", [
      ["draft", "my draft"],
      ["chart", "a graded pattern"],
      ["wrap", "a body wrap"],
    ]),
    wrapId: { as: "pick", of: "wrap", label: "Body wrap" },
    size: { as: "text", label: "Size" },
    trunkLoop: length("Whole loop", "Shoulder to shoulder."),
    frontWaist: length("Front, above waist"),
    crotchFront: length("Front, below waist"),
    crotchBack: length("Back, below waist"),
    backWaist: length("Back, above waist"),
    ownReduction: {
      as: "percent",
      label: "Drawn shorter by",
      least: 0,
      most: 50,
      hint: "As its maker says; or empty.",
    },
    school: choice("Place the difference", [
      ["segments", "where each part lacks it"],
      ["halves", "half front, half back"],
    ]),
    linked: { as: "text", label: "Further pieces on front and back", hint: "With commas: facing, overlay." },
  },
  unfielded: { ticked: "amounts" },
  appears: hasTrunk,
  facts: trunkFactsOf,
  reckon: reckonTrunk,
  again: (working) => ({ ...working, ticked: NEW_TRUNK.ticked }),
});
