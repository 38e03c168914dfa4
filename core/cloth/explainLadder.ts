import { type Explanation, subscript, type Term } from "../explain/index.ts";
import type { LayupTension } from "./layup.ts";
import { type LadderStep, type LoadLadder, stepTension } from "./loadLadder.ts";

const readOff = "read at this step";

/** Explains the tension of one step: the force over the width, in a loop over both legs. */
export function explainStepTension(
  ladder: Pick<LoadLadder, "form" | "widthMm">,
  { forceN }: Pick<LadderStep, "forceN">,
): Explanation {
  const loop = ladder.form === "loop";
  return {
    title: "Tension of a step",
    formula: loop ? "T = 1000 · F / (2 · w)" : "T = 1000 · F / w",
    terms: [
      {
        symbol: "F",
        meaning: "force on the whole swatch",
        value: forceN,
        unit: "force",
        kind: "cloth",
        source: readOff,
      },
      {
        symbol: "w",
        meaning: "width of the strip, mm",
        value: ladder.widthMm,
        unit: "count",
        kind: "cloth",
        source: "the swatch",
      },
    ],
    result: { value: stepTension(ladder, forceN), unit: "tension" },
    notes: [
      loop
        ? "A loop carries half the load in each leg."
        : "Newtons for each metre of width: 1000 turns millimetres into metres.",
    ],
    others: [],
  };
}

/** Explains the strain of one step. */
export const explainStepStrain = (
  { gaugeMm }: Pick<LoadLadder, "gaugeMm">,
  { lengthMm }: Pick<LadderStep, "lengthMm">,
): Explanation => ({
  title: "Strain of a step",
  formula: "ε = L / L₀ − 1",
  terms: [
    { symbol: "L", meaning: "gauge under the load", value: lengthMm, unit: "length", kind: "cloth", source: readOff },
    { symbol: "L₀", meaning: "gauge at rest", value: gaugeMm, unit: "length", kind: "cloth", source: "the swatch" },
  ],
  result: { value: lengthMm / gaugeMm - 1, unit: "percent" },
  notes: [],
  others: [],
});

/** Explains how much narrower a strip grows; null where its width was not read. */
export function explainContraction(
  { gaugeMm, neckIn }: Pick<LoadLadder, "gaugeMm" | "neckIn">,
  contraction: number,
): Explanation | null {
  if (!neckIn) return null;
  const from = { unit: "length", kind: "cloth", source: "the swatch" } as const;
  return {
    title: "Cross-contraction",
    formula: "ν = −ln(w₁ / w₀) / ln(L / L₀)",
    terms: [
      { symbol: "w₁", meaning: "width, pulled", value: neckIn.stretchedMm, ...from },
      { symbol: "w₀", meaning: "width at rest", value: neckIn.restMm, ...from },
      { symbol: "L", meaning: "gauge at which it was read", value: neckIn.atLengthMm, ...from },
      { symbol: "L₀", meaning: "gauge at rest", value: gaugeMm, ...from },
    ],
    result: { value: contraction, unit: "ratio" },
    notes: ["0: it keeps its width. The larger, the more a garment stretched round the body draws in lengthwise."],
    others: [],
  };
}

/** Explains the summed tension of a layup at a strain: each layer's part. */
export function explainLayupTension(names: readonly string[], tension: LayupTension, strain: number): Explanation {
  const terms = tension.parts.map(
    (part, index): Term => ({
      symbol: `T${subscript(index + 1)}`,
      meaning: names[index] ?? "layer",
      value: part,
      unit: "tension",
      kind: "cloth",
      source: "its loading curve in its own direction",
    }),
  );
  return {
    title: `All layers together at ${Math.round(strain * 100)} % strain`,
    formula: `T = ${terms.map(({ symbol }) => symbol).join(" + ")}`,
    terms,
    result: { value: tension.tensionNPerM, unit: "tension" },
    notes: [
      "Layers stretched together share the strain, and their tensions add.",
      ...(tension.beyondTest ? ["At least one layer is beyond its test: its curve is drawn straight on."] : []),
    ],
    others: [],
  };
}
