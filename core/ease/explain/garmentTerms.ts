import { subscript, type Term } from "../../explain/index.ts";

import type { SchoolOutcome } from "../planZone.ts";
import { tensionForPressure } from "../pressure.ts";
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
  return [body, ...habitTerms(zonePlan, outcome, zone, sources)];
}

const usableTerm = ({ usable, test }: EaseSources): Term => ({
  symbol: "s",
  meaning: "usable stretch of the cloth",
  value: usable,
  unit: "ratio",
  kind: "cloth",
  source: test,
});

function habitTerms(zonePlan: ZonePlan, outcome: SchoolOutcome, zone: string, sources: EaseSources): Term[] {
  const { habit } = outcome;
  const setting = { kind: "setting", source: sources.settings } as const;
  switch (outcome.school) {
    case "fixed":
      return [
        {
          symbol: "c",
          meaning: `taken off each quarter at the ${zone}, by the stretch of the cloth`,
          value: habit,
          unit: "amount",
          ...setting,
        },
        usableTerm(sources),
      ];
    case "percent":
      return [
        {
          symbol: "r",
          meaning: "reduction, read from the table at this stretch",
          value: habit,
          unit: "ratio",
          ...setting,
        },
        usableTerm(sources),
      ];
    case "share":
      return [
        {
          symbol: "u",
          meaning: `share of the usable stretch used at the ${zone}`,
          value: habit,
          unit: "ratio",
          ...setting,
        },
        usableTerm(sources),
      ];
    case "pressure":
      return pressureTerms(zonePlan, outcome, sources);
    case "profile":
      return [
        { symbol: "ε", meaning: "strain carried over", value: habit, unit: "ratio", kind: "result", source: "below" },
        ...(outcome.garments ?? []).map(
          (garment, index): Term => ({
            symbol: `G${subscript(index + 1)}`,
            meaning: `what “${garment.name}” gives, by equal ${garment.by === "share" ? "share of stretch" : garment.by}`,
            value: garment.exactMm,
            unit: "length",
            kind: "garment",
            source: `worn at ${Math.round(garment.wornStrain * 100)} % strain`,
          }),
        ),
      ];
  }
}

function pressureTerms({ body }: ZonePlan, { habit, ownHabit, exactMm }: SchoolOutcome, sources: EaseSources): Term[] {
  return [
    {
      symbol: "ε",
      meaning: "smallest strain at which the cloth pulls with T",
      value: body.snugMm / exactMm - 1,
      unit: "ratio",
      kind: "cloth",
      source: sources.wear,
    },
    {
      symbol: "p",
      meaning: "mean pressure wanted",
      value: habit,
      unit: "pressure",
      kind: "setting",
      source: ownHabit ? "chosen for this zone" : "the workshop’s target, or what the share school gives here",
    },
    {
      symbol: "T",
      meaning: "tension that presses so, p · B / (2 · π)",
      value: tensionForPressure(habit, body.snugMm),
      unit: "tension",
      kind: "result",
      source: "the ring law",
    },
  ];
}
