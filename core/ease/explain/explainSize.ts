import type { Explanation, Term } from "../../explain/index.ts";
import type { PatternZone } from "../grade/gradePattern.ts";
import { ZONE_NAMES } from "../zones.ts";

/** Explains the finished girth of the chosen size: as stated, or from its body; null where it is not known. */
export function explainFinished(zone: PatternZone, chartName: string, ownReduction: number | null): Explanation | null {
  if (zone.finishedMm === null) return null;
  const stated = zone.finishedBasis === "stated" || zone.chosenBodyMm === null || ownReduction === null;
  const terms: Term[] = stated
    ? [{ ...termFor("F₀", `stated for size ${zone.chosenName}`, zone.finishedMm), kind: "garment", source: chartName }]
    : [
        {
          ...termFor("C", `body the size ${zone.chosenName} is drawn for`, zone.chosenBodyMm ?? 0),
          kind: "body",
          source: chartName,
        },
        {
          symbol: "r",
          meaning: "the pattern's own reduction",
          value: ownReduction ?? 0,
          unit: "ratio",
          kind: "setting",
          source: chartName,
        },
      ];
  return {
    title: `${ZONE_NAMES[zone.zone]}, finished girth of size ${zone.chosenName}`,
    formula: stated ? "F = F₀" : "F = C · (1 − r)",
    terms,
    result: { value: zone.finishedMm, unit: "length" },
    notes: stated ? ["As the pattern states it."] : ["The pattern does not state it; its maker's reduction gives it."],
    others: [],
  };
}

/** Explains the ease of the chosen size; null where its girth is not known. */
export const explainSizeEase = (zone: PatternZone, chartName: string): Explanation | null =>
  zone.finishedMm === null || zone.easeMm === null
    ? null
    : {
        title: `${ZONE_NAMES[zone.zone]}, ease of size ${zone.chosenName}`,
        formula: "ease = F − B",
        terms: [
          {
            ...termFor("F", `finished girth of size ${zone.chosenName}`, zone.finishedMm),
            kind: "garment",
            source: chartName,
          },
          { ...termFor("B", "body, snug", zone.bodyMm), kind: "body", source: "the sheet" },
        ],
        result: { value: zone.easeMm, unit: "difference" },
        notes: ["Negative: the garment is smaller than the body."],
        others: [{ name: "as planned", value: zone.targetMm - zone.bodyMm }],
      };

const termFor = (symbol: string, meaning: string, value: number) => ({
  symbol,
  meaning,
  value,
  unit: "length" as const,
});
