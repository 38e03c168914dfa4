import { measureOf } from "../../body/index.ts";
import { known, type Reckoned, type Reckoning, reckoned, type Wants, wantsOf } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { filledFrom, typedWhere } from "../../standing/index.ts";
import { CUP_SIDES, type CupSide } from "../cupSide.ts";
import { type Asymmetry, asymmetryNumbers, asymmetryOf } from "./asymmetry.ts";
import { cupSeamMm, cupVolumeCm3 } from "./cup.ts";
import { BREAST_CODES, type BreastCode, type CupFacts, type CupOfSide } from "./cupOfSide.ts";
import type { CupWorking } from "./working.ts";

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
  const { strain: told } = filledFrom(working, facts.elsewhere);
  const strain = told ?? facts.cupStrain;
  const strainFrom = told === null ? facts.settingsName : typedWhere(working, facts.elsewhere, "strain");
  const asymmetry = asymmetryOf(sides);
  const numbers = CUP_SIDES.flatMap((side) => [
    ...volumeNumber(side, sides[side], facts),
    ...seamNumbers(side, sides[side], { strain, strainFrom }, facts),
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
  { strain, strainFrom }: { readonly strain: number; readonly strainFrom: string },
  { body }: CupFacts,
): Reckoned[] =>
  SEAMS.flatMap(({ id, code, name }) => {
    const mm = measures[code];
    if (mm === undefined) return [];
    return [
      reckoned(`${id}-${side}`, `${name}, ${side}`, {
        formula: "seam = L / (1 + ε)",
        terms: [
          term("body", "length")("L", `${measureOf(code).name.toLowerCase()}, ${side}`, mm, body?.source ?? ""),
          term("setting", "ratio")("ε", "cup strain", strain, strainFrom),
        ],
        result: { value: cupSeamMm(mm, strain), unit: "length" },
        notes: ["Seam line of the cup, without allowances. 0 for rigid or lined cups, 0.03 to 0.06 for stretch lace."],
      }),
    ];
  });
