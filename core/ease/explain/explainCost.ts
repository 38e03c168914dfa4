import type { Explanation, Term } from "../../explain/index.ts";
import type { PatternZone } from "../grade/gradePattern.ts";
import { TOO_SMALL_COUNTS } from "../grade/gradeSizes.ts";
import { ZONE_NAMES } from "../zones.ts";

/** Explains what the chosen size of a zone costs: the excess, or twice the lack, of the garment or of its body. */
export function explainCost(zone: PatternZone, chartName: string): Explanation {
  const cost = zone.costs[zone.chosen] as number;
  const byFinished = zone.against === "finished";
  const wanted = byFinished ? zone.targetMm : zone.bodyMm;
  // Costs against finished girths exist only where every size states one, and against bodies likewise.
  const is = (byFinished ? zone.finishedMm : zone.chosenBodyMm) ?? wanted;
  const small = is < wanted;
  const terms: Term[] = [
    {
      symbol: byFinished ? "F" : "C",
      meaning: byFinished
        ? `finished girth of size ${zone.chosenName}`
        : `body the size ${zone.chosenName} is drawn for`,
      value: is,
      unit: "length",
      kind: byFinished ? "garment" : "body",
      source: chartName,
    },
    {
      symbol: byFinished ? "G" : "B",
      meaning: byFinished ? "garment girth planned" : "body, snug",
      value: wanted,
      unit: "length",
      kind: byFinished ? "garment" : "body",
      source: byFinished ? "the ease plan" : "the sheet",
    },
  ];
  const [a, b] = terms.map(({ symbol }) => symbol);
  return {
    title: `${ZONE_NAMES[zone.zone]}, what size ${zone.chosenName} costs`,
    formula: small ? `cost = ${TOO_SMALL_COUNTS} · (${b} − ${a})` : `cost = ${a} − ${b}`,
    terms,
    result: { value: cost, unit: "amount" },
    notes: [
      "Too large costs what it is too large; too small counts double, since cloth that is not there cannot be let out.",
      byFinished
        ? "Finished girths are held against the garment planned."
        : "The chart does not state finished girths of every size here, so bodies are compared.",
    ],
    others: [],
  };
}
