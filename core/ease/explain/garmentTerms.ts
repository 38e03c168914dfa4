import type { Term } from "../../explain/explanation.ts";
import type { ZonePlan } from "../planStyle.ts";
import type { SchoolOutcome } from "../planZone.ts";
import { ZONE_NAMES } from "../zones.ts";
import type { EaseSources } from "./explainEase.ts";

/** The terms behind a garment girth: the body, the school's habit and, where the school looks at it, the cloth. */
export function garmentTerms(zonePlan: ZonePlan, outcome: SchoolOutcome, sources: EaseSources): Term[] {
  const zone = ZONE_NAMES[zonePlan.zone].toLowerCase();
  const body: Term = {
    symbol: "B",
    meaning: `body ${zone}, snug`,
    value: zonePlan.body.snugMm,
    unit: "length",
    kind: "body",
    source: sources.sheet,
  };
  const stretch: Term = {
    symbol: "s",
    meaning: "usable stretch of the cloth",
    value: sources.usable,
    unit: "ratio",
    kind: "cloth",
    source: sources.test,
  };
  return [body, habitTerm(outcome, zone, sources), stretch];
}

function habitTerm({ school, habit }: SchoolOutcome, zone: string, { settings }: EaseSources): Term {
  switch (school) {
    case "fixed":
      return {
        symbol: "c",
        meaning: `taken off each quarter at the ${zone}, by the stretch of the cloth`,
        value: habit,
        unit: "amount",
        kind: "setting",
        source: settings,
      };
    case "percent":
      return {
        symbol: "r",
        meaning: "reduction, read from the table at this stretch",
        value: habit,
        unit: "ratio",
        kind: "setting",
        source: settings,
      };
    case "share":
      return {
        symbol: "u",
        meaning: `share of the usable stretch used at the ${zone}`,
        value: habit,
        unit: "ratio",
        kind: "setting",
        source: settings,
      };
  }
}
