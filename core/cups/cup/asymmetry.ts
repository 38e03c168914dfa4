import { type Reckoned, reckoned } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import type { CupSide } from "../cupSide.ts";
import { MEASURE_DIFFERS_OVER_MM, VOLUME_DIFFERS_OVER } from "./cup.ts";
import { BREAST_CODES, type BreastCode, type CupFacts, type CupOfSide, ROUNDED_AWAY } from "./cupOfSide.ts";

/** How the sides differ. */
export interface Asymmetry {
  readonly larger: CupSide;
  /** Volume by which the sides differ over the larger one, ratio. */
  readonly volume: number;
  /** Measures that differ by more than 5 mm, left less right. */
  readonly measures: readonly { readonly code: BreastCode; readonly byMm: number }[];
  /** Padding of the smaller side, where both are cut to the larger: cm³ and at the apex, mm. */
  readonly padCm3: number;
  readonly padMm: number;
  /** True where two cups or a pad are wanted. */
  readonly acts: boolean;
}

/** How two sides differ; null unless the volume of both is known. */
export function asymmetryOf({ left, right }: Readonly<Record<CupSide, CupOfSide>>): Asymmetry | null {
  if (left.volumeCm3 === null || right.volumeCm3 === null) return null;
  const larger = right.volumeCm3 > left.volumeCm3 ? "right" : "left";
  const [most, least] = [Math.max(left.volumeCm3, right.volumeCm3), Math.min(left.volumeCm3, right.volumeCm3)];
  const volume = (most - least) / most;
  const measures = BREAST_CODES.flatMap((code) => {
    const [a, b] = [left.measures[code], right.measures[code]];
    return a === undefined || b === undefined || Math.abs(a - b) <= MEASURE_DIFFERS_OVER_MM
      ? []
      : [{ code, byMm: a - b }];
  });
  return {
    larger,
    volume,
    measures,
    padCm3: most - least,
    padMm: Math.abs((left.measures.projection ?? 0) - (right.measures.projection ?? 0)),
    acts: volume > VOLUME_DIFFERS_OVER * (1 + ROUNDED_AWAY) || measures.length > 0,
  };
}

/** The numbers of unequal sides, each with its formula. */
export function asymmetryNumbers(
  { larger, volume, padCm3, padMm }: Asymmetry,
  sides: Readonly<Record<CupSide, CupOfSide>>,
  { body }: CupFacts,
): Reckoned[] {
  const smaller = larger === "left" ? "right" : "left";
  const of = (symbol: string, side: CupSide) =>
    term("result", "volume")(symbol, `volume, ${side}`, sides[side].volumeCm3 ?? 0, "computed above");
  const depth = (symbol: string, side: CupSide) =>
    term("body", "length")(symbol, `projection, ${side}`, sides[side].measures.projection ?? 0, body?.source ?? "");
  return [
    reckoned("unequal", "Volumes differ by", {
      formula: "u = (V₁ − V₂) / V₁",
      terms: [of("V₁", larger), of("V₂", smaller)],
      result: { value: volume, unit: "percent" },
      notes: ["Over the larger side. More than 8 %, or more than 5 mm in any breast measure: two cups, or a pad."],
    }),
    reckoned("pad", `Pad for the ${smaller} side`, {
      formula: "pad = V₁ − V₂",
      terms: [of("V₁", larger), of("V₂", smaller)],
      result: { value: padCm3, unit: "volume" },
      notes: ["Where both cups are cut to the larger side."],
    }),
    reckoned("padDepth", "Pad at the apex", {
      formula: "t = |p₁ − p₂|",
      terms: [depth("p₁", larger), depth("p₂", smaller)],
      result: { value: padMm, unit: "amount" },
    }),
  ];
}
