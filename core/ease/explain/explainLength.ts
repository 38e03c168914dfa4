import { measureOf, spreadWords, trunkName } from "../../body/index.ts";
import { type Explanation, subscript, type Term, term } from "../../explain/index.ts";
import type { PlannedLength } from "../planLengths.ts";
import { schoolOf } from "../schools/index.ts";
import type { SchoolId } from "../schools/school.ts";
import type { EaseSources } from "./question.ts";

const NOTES: Readonly<Record<Exclude<PlannedLength["drawIn"], "ofElastic">, string>> = {
  counted: "Cloth stretched round the body draws in along it, though less than a free strip: body and seams hold it.",
  schoolTakesNone: "This school is a rule of experience and takes no draw-in.",
  notRead:
    "No draw-in is counted, because the width of the strip was not read while it was pulled. Read it, and this number will know.",
};

/** Explains a length as cut, with its parts, the stretch along the body and the draw-in. */
export function explainLength(
  length: PlannedLength,
  school: SchoolId,
  { freedom, others }: { freedom: number; others: Explanation["others"] },
  sources: Pick<EaseSources, "sheet" | "test" | "settings">,
): Explanation {
  const { drawIn } = length;
  if (drawIn === "ofElastic") return explainElastic(length, sources, others);
  const parts = length.segments.map((_, index) => `L${subscript(index + 1)} · (1 + ε${subscript(index + 1)})^(φ · ν)`);
  const sum = parts.length > 1 ? `(${parts.join(" + ")})` : parts[0];
  return {
    title: `${length.name}, cut by ${schoolOf(school).name.toLowerCase()}`,
    formula: `cut = ${sum} / (1 + λ)`,
    terms: [
      ...length.segments.flatMap((segment, index): Term[] => [
        {
          symbol: `L${subscript(index + 1)}`,
          meaning: `${length.trunk ? trunkName(length.trunk) : measureOf(segment.code).name.toLowerCase()}${index === 0 && length.dropMm > 0 ? ", less the drop" : ""}`,
          value: segment.bodyMm,
          unit: "length",
          kind: "body",
          source: sources.sheet,
        },
        {
          symbol: `ε${subscript(index + 1)}`,
          meaning: "strain of the garment round the body there",
          value: segment.girthStrain,
          unit: "ratio",
          kind: "result",
          source: length.trunk
            ? "over the length of bust, waist and hip; straps and crotch count 0, slack too"
            : "mean of the zones beside it; slack counts 0",
        },
      ]),
      {
        symbol: "φ",
        meaning: "part of a free strip's draw-in",
        value: freedom,
        unit: "ratio",
        kind: "setting",
        source: sources.settings,
      },
      {
        symbol: "ν",
        meaning: "cross-contraction",
        value: length.contraction,
        unit: "ratio",
        kind: "cloth",
        source: sources.test,
      },
      {
        symbol: "λ",
        meaning: "strain intended along the body",
        value: length.lengthStrain,
        unit: "ratio",
        kind: "setting",
        source: sources.settings,
      },
    ],
    result: { value: length.cutMm, unit: "length" },
    notes: [NOTES[drawIn], ...(length.trunk ? spreadWords(length.trunk) : [])],
    others,
  };
}

/** A length of elastic: the school and the cloth have no part in it. */
function explainElastic(
  { name, segments, lengthStrain, cutMm }: PlannedLength,
  { sheet, settings }: Pick<EaseSources, "sheet" | "settings">,
  others: Explanation["others"],
): Explanation {
  const along = segments.map((_, index) => `L${subscript(index + 1)}`).join(" + ");
  return {
    title: `${name}, cut`,
    formula: `cut = (${along}) / (1 + ε)`,
    terms: [
      ...segments.map(({ code, bodyMm }, index) =>
        term("body", "length")(`L${subscript(index + 1)}`, measureOf(code).name.toLowerCase(), bodyMm, sheet),
      ),
      term("setting", "ratio")("ε", "strain of straps", lengthStrain, settings),
    ],
    result: { value: cutMm, unit: "length" },
    notes: [
      "Of strap elastic, whatever the school. The band step takes off rings and slider, adds the ends, and stretches it by its own test.",
    ],
    others,
  };
}
