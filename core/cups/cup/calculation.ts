import { calculation, choice } from "../../calculation/index.ts";
import { elsewhereOf } from "../../standing/index.ts";
import { hasBust } from "../hasBust.ts";
import { reckonCup } from "./reckonCup.ts";
import { NEW_CUP } from "./working.ts";

/** Cups of both sides from their own breast measures. */
export const cupCalculation = calculation({
  step: "cups",
  fresh: NEW_CUP,
  fields: {
    strain: { as: "percent", label: "Cup strain", least: 0, most: 50, hint: "0 rigid; 3–6 lace." },
    remedy: choice("Where the sides differ", [
      ["open", "not decided"],
      ["twoCups", "cut two cups"],
      ["padSmaller", "cut the larger, pad the smaller"],
    ]),
  },
  appears: hasBust,
  facts: ({ body, settings, beside, keptWorkings }) => ({
    ...{ body, cupStrain: settings.cupStrain, settingsName: beside.settingsName },
    elsewhere: elsewhereOf("cup", keptWorkings),
  }),
  reckon: reckonCup,
});
