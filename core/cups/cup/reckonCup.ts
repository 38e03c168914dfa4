import { type MeasureCode, measureOf } from "../../body/index.ts";
import {
  type BodyFacts,
  known,
  type Reckoned,
  type Reckoning,
  reckoned,
  type Wants,
  wantsOf,
} from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { CUP_SIDES, type CupSide } from "../cupSide.ts";
import { cupSeamMm, cupVolumeCm3, MEASURE_DIFFERS_OVER_MM, VOLUME_DIFFERS_OVER } from "./cup.ts";
import type { CupWorking } from "./working.ts";

/** Measures of a breast that two sides are compared by. */
export const BREAST_CODES = [
  "root_width",
  "root_height",
  "projection",
  "wire_line",
  "lower_cup",
  "upper_cup",
  "cross_cup",
] as const satisfies readonly MeasureCode[];

/** One of {@link BREAST_CODES}. */
export type BreastCode = (typeof BREAST_CODES)[number];

/** What cups are reckoned from beside the working. */
export interface CupFacts {
  readonly body: BodyFacts | null;
  readonly cupStrain: number;
  readonly settingsName: string;
}

/** One side with its measures and its volume. */
export interface CupOfSide {
  readonly measures: Readonly<Partial<Record<BreastCode, number>>>;
  /** cm³; null where root width, root height or projection was not taken. */
  readonly volumeCm3: number | null;
}

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

/** Cups of both sides. */
export interface CupReckoning extends Reckoning {
  readonly sides: Readonly<Record<CupSide, CupOfSide>>;
  readonly asymmetry: Asymmetry | null;
  readonly strain: number;
}

/** Dimensions, volumes and seam targets of both cups, and what to do where the sides differ. */
export function reckonCup(working: CupWorking, facts: CupFacts): CupReckoning {
  const wants = wantsOf(facts.body);
  const sides = { left: cupOf("left", wants), right: cupOf("right", wants) };
  const strain = working.strain ?? facts.cupStrain;
  const asymmetry = asymmetryOf(sides);
  const numbers = CUP_SIDES.flatMap((side) => [
    ...volumeNumber(side, sides[side], facts),
    ...seamNumbers(side, sides[side], strain, working, facts),
  ]);
  return {
    numbers: [...numbers, ...(asymmetry ? asymmetryNumbers(asymmetry, sides, facts) : [])],
    lacks: wants.lacks,
    notes: asymmetry && !asymmetry.acts ? ["The sides agree: one cup, cut for the larger, serves both."] : [],
    warnings:
      asymmetry?.acts && working.remedy === "open"
        ? ["The sides differ: cut two cups, or cut the larger twice and pad the smaller. Choose below."]
        : [],
    sides,
    asymmetry,
    strain,
  };
}

function cupOf(side: CupSide, wants: Wants): CupOfSide {
  const measures: Partial<Record<BreastCode, number>> = {};
  for (const code of BREAST_CODES) {
    const mm = wants.length(code, side);
    if (mm !== null) measures[code] = mm;
  }
  const given = known({
    rootWidthMm: measures.root_width ?? null,
    rootHeightMm: measures.root_height ?? null,
    projectionMm: measures.projection ?? null,
  });
  return { measures, volumeCm3: given ? cupVolumeCm3(given) : null };
}

/** A difference that lost its last digit on the way is still the one it was measured as. */
const ROUNDED_AWAY = 1e-9;

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

function volumeNumber(side: CupSide, { measures, volumeCm3 }: CupOfSide, { body }: CupFacts): Reckoned[] {
  if (volumeCm3 === null) return [];
  const of = (symbol: string, code: BreastCode) =>
    term("body", "length")(
      symbol,
      `${measureOf(code).name.toLowerCase()}, ${side}`,
      measures[code] ?? 0,
      body?.source ?? "",
    );
  return [
    reckoned(`volume-${side}`, `Volume, ${side}`, {
      formula: "V = 2/3 · π · (w / 2) · (h / 2) · p",
      terms: [of("w", "root_width"), of("h", "root_height"), of("p", "projection")],
      result: { value: volumeCm3, unit: "volume" },
      notes: ["Half an ellipsoid over the root, with the projection as its depth; each measure in cm."],
    }),
  ];
}

const SEAMS = [
  { id: "cross", code: "cross_cup", name: "Cross seam" },
  { id: "lower", code: "lower_cup", name: "Lower cup seam" },
  { id: "upper", code: "upper_cup", name: "Upper cup seam" },
] as const;

const seamNumbers = (
  side: CupSide,
  { measures }: CupOfSide,
  strain: number,
  working: CupWorking,
  { body, settingsName }: CupFacts,
): Reckoned[] =>
  SEAMS.flatMap(({ id, code, name }) => {
    const mm = measures[code];
    if (mm === undefined) return [];
    return [
      reckoned(`${id}-${side}`, `${name}, ${side}`, {
        formula: "seam = L / (1 + ε)",
        terms: [
          term("body", "length")("L", `${measureOf(code).name.toLowerCase()}, ${side}`, mm, body?.source ?? ""),
          term("setting", "ratio")("ε", "cup strain", strain, working.strain === null ? settingsName : "typed here"),
        ],
        result: { value: cupSeamMm(mm, strain), unit: "length" },
        notes: ["Seam line of the cup, without allowances. 0 for rigid or lined cups, 0.03 to 0.06 for stretch lace."],
      }),
    ];
  });

function asymmetryNumbers(
  { larger, volume, padCm3, padMm }: Asymmetry,
  sides: CupReckoning["sides"],
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
