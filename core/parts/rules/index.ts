import { casingRise } from "./casingRise.ts";
import { childNeck } from "./childNeck.ts";
import { continuousBack } from "./continuousBack.ts";
import { goesOn } from "./goesOn.ts";
import { halterFastens } from "./halterFastens.ts";
import { legMeets } from "./legMeets.ts";
import { longBand } from "./longBand.ts";
import { reversible } from "./reversible.ts";
import type { PartRule } from "./rule.ts";

/** Every rule of what goes together. */
export const PART_RULES: readonly PartRule[] = [
  childNeck,
  continuousBack,
  halterFastens,
  longBand,
  casingRise,
  legMeets,
  reversible,
  goesOn,
];

export type { PartRule, PartsSeen, PartVerdict } from "./rule.ts";
