import { Type } from "typebox";
import { type Calculation, choice, type WorkingField } from "../calculation/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { DECISION_IDS, type DecisionId, OPEN } from "./decision.ts";
import { DECISIONS } from "./decisions/index.ts";
import { type PartsFacts, partsFactsOf } from "./partsFacts.ts";
import { type PartsReckoning, reckonParts } from "./reckonParts.ts";
import { NEW_PARTS, type PartsWorking } from "./working.ts";

const NAMES = Type.Array(Type.String({ maxLength: 200 }), { maxItems: 200 });

const BELONGS = Type.Record(Type.String({ maxLength: 200 }), Type.String({ maxLength: 80 }), { maxProperties: 200 });

const fields = Object.fromEntries(
  DECISION_IDS.map((id) => [
    id,
    choice(DECISIONS[id].name, [
      [OPEN, "not decided"],
      ...DECISIONS[id].options.map((option) => [option.id, option.name] as const),
    ]),
  ]),
) as Record<DecisionId, WorkingField>;

/** The parts of a garment, and the list of its pieces. */
export const partsCalculation: Calculation<PartsWorking, PartsFacts, PartsReckoning, DrawnJob> = {
  step: "parts",
  fresh: NEW_PARTS,
  fields,
  unfielded: { cut: NAMES, without: NAMES, belongs: BELONGS },
  appears: () => true,
  facts: partsFactsOf,
  reckon: reckonParts,
};
