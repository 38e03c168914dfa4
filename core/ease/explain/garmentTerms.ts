import type { Term } from "../../explain/index.ts";
import type { SchoolOutcome } from "../planZone.ts";
import { schoolOf } from "../schools/index.ts";
import type { ZonePlan } from "../zonePlan.ts";
import { ZONE_NAMES } from "../zones.ts";
import type { EaseSources } from "./question.ts";

/** The terms behind a garment girth: the body, the school's habit and, where the school looks at it, the cloth. */
export function garmentTerms(zonePlan: ZonePlan, outcome: SchoolOutcome, sources: EaseSources): Term[] {
  const zone = ZONE_NAMES[zonePlan.zone].toLowerCase();
  const body: Term = {
    symbol: "B",
    meaning: `body ${zone}, snug`,
    value: zonePlan.body.snugMm,
    unit: "length",
    kind: "body",
    source:
      zonePlan.body.fingerMm > 0
        ? `${(zonePlan.body.tapedMm / 10).toFixed(1)} cm as taped, less ${zonePlan.body.fingerMm} mm for the finger under the tape; ${sources.sheet}`
        : sources.sheet,
  };
  const { school, ...girth } = outcome;
  return [body, ...schoolOf(school).terms({ zone, bodyMm: zonePlan.body.snugMm, girth, sources })];
}
