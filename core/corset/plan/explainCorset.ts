import { type Reckoned, reckoned } from "../../calculation/index.ts";
import { type Term, term } from "../../explain/index.ts";
import { eatenBySeams } from "../innerGirth.ts";
import { CORSET_LEVEL_NAMES } from "../level.ts";
import { BREATH_IN_MM, BREATH_OUT_MM, LOWER_ROOM_MM } from "../reduction/closed.ts";
import { EXPERIENCES } from "../reduction/experience.ts";
import { reductionSchool } from "../reduction/schools/index.ts";
import { levelWords, ownReduction } from "./bodyLevels.ts";
import type { CorsetPlan, CorsetPlanLevel } from "./corsetPlan.ts";
import type { CorsetWorking } from "./working.ts";

/** What names the sources of a closed garment. */
interface Sources {
  readonly working: CorsetWorking;
  readonly source: string;
  /** True where the amount at the waist was typed. */
  readonly typed: boolean;
}

const body = term("body", "length");
const garment = term("garment", "length");
const setting = term("setting", "difference");

/** The numbers of a closed garment, level by level, each with its way. */
export function explainCorset(plan: CorsetPlan, sources: Sources): Reckoned[] {
  const waist = plan.levels.find(({ level }) => level === "waist");
  return [
    ...plan.levels.flatMap((level) => [
      ...(level.level === "lowerEdge" && plan.between ? [lowerBody(level, plan.between)] : []),
      closedNumber(level, plan, sources),
      patternNumber(level, plan),
      reductionNumber(level, sources.source),
      ...(plan.layers ? [innerNumber(level, plan)] : []),
    ]),
    ...(waist ? limits(waist, plan, sources.source) : []),
    ...(waist && plan.seatedStrain !== null ? [seated(waist, plan.seatedStrain, sources.source)] : []),
  ];
}

const nameOf = ({ level }: CorsetPlanLevel): string => CORSET_LEVEL_NAMES[level];

function closedNumber(level: CorsetPlanLevel, plan: CorsetPlan, sources: Sources): Reckoned {
  const own = closedBy(level, plan, sources);
  return reckoned(`closed.${level.level}`, `${nameOf(level)}, closed`, {
    formula: own.formula,
    terms: [body("B", `body, ${levelWords(level.level)}`, level.bodyMm, sources.source), ...own.terms],
    result: { value: level.closedMm, unit: "length" },
    notes: own.notes,
  });
}

interface ClosedWay {
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly notes: readonly string[];
}

/** The way each kind of closed girth was come to. */
function closedBy(level: CorsetPlanLevel, plan: CorsetPlan, { working, source, typed }: Sources): ClosedWay {
  const school = reductionSchool(working.school);
  const plain = (symbol: string, meaning: string, mm: number, from: string): ClosedWay => ({
    formula: `C = B ${mm < 0 ? "+" : "−"} ${symbol}`,
    terms: [setting(symbol, meaning, Math.abs(mm), from)],
    notes: [],
  });
  switch (level.by) {
    case "school":
      if (level.level !== "waist")
        return plain("r", "room for a breath", level.bodyMm - level.closedMm, "a habit of the school");
      return {
        formula: school.formula,
        terms: [
          term("setting", school.amount.unit === "percent" ? "percent" : "difference")(
            "r",
            school.amount.name.toLowerCase(),
            plan.amount,
            typed ? "typed here" : usualWords(working),
          ),
        ],
        notes: [school.summary],
      };
    case "breath":
      return {
        formula: `C = max(B − ${BREATH_OUT_MM}, Bi − ${BREATH_IN_MM})`,
        terms: [body("Bi", "underbust, breathed in", level.body.inhaledMm ?? 0, source)],
        notes: ["So that a breath is possible."],
      };
    case "noBreath":
      return { formula: "C = B", terms: [], notes: ["No reading breathed in: no reduction here."] };
    case "own":
      return plain("r", "off it", ownReduction(working, level.level) ?? 0, "typed here");
    case "between":
      return plain(
        "r",
        "half-way between what is taken off above and below",
        level.bodyMm - level.closedMm,
        "a habit; type your own",
      );
    case "roomToMove":
      return plain("r", "room to move", -LOWER_ROOM_MM, "a habit; type your own");
    case "asBody":
      return { formula: "C = B", terms: [], notes: ["Nothing is taken off here unless you type it."] };
  }
}

const usualWords = ({ experience, school }: CorsetWorking): string => {
  const { name, part, mm } = EXPERIENCES[experience];
  return reductionSchool(school).reduces
    ? `usual for ${name}: the smaller of ${100 * part} % and ${mm} mm`
    : "usual for this school";
};

const patternNumber = (level: CorsetPlanLevel, { gapMm, addedMm }: CorsetPlan): Reckoned =>
  reckoned(`pattern.${level.level}`, `${nameOf(level)}, pattern`, {
    formula: addedMm === 0 ? "Q = C − g" : "Q = C − g + a",
    terms: [
      garment("C", "closed", level.closedMm, "above"),
      setting("g", "gap of the lacing", gapMm, gapMm === 0 ? "closes edge to edge" : "typed here, or 50 mm"),
      ...(addedMm === 0 ? [] : [setting("a", "added for what the layers eat", addedMm, "its layers")]),
    ],
    result: { value: level.patternMm, unit: "length" },
    notes: ["What the panels of both sides come to, at the middle of the strength layer."],
  });

const reductionNumber = (level: CorsetPlanLevel, source: string): Reckoned =>
  reckoned(`reduction.${level.level}`, `${nameOf(level)}, taken off`, {
    formula: "1 − C / B",
    terms: [
      garment("C", "closed", level.closedMm, "above"),
      body("B", `body, ${levelWords(level.level)}`, level.bodyMm, source),
    ],
    result: { value: level.reduction, unit: "percent" },
  });

function innerNumber(level: CorsetPlanLevel, { gapMm, layers }: CorsetPlan): Reckoned {
  const eaten = layers ? eatenBySeams(layers) : 0;
  return reckoned(`inner.${level.level}`, `${nameOf(level)}, inside when closed`, {
    formula: "I = Q + g − π · t − s",
    terms: [
      garment("Q", "pattern", level.patternMm, "above"),
      setting("g", "gap of the lacing", gapMm, "above"),
      setting("t", "all layers together", layers?.thicknessMm ?? 0, "typed here"),
      setting(
        "s",
        `${layers?.bulkySeams ?? 0} bulky seams and ${layers?.channels ?? 0} channels`,
        eaten,
        "their number by their thickness",
      ),
    ],
    result: { value: level.innerMm, unit: "length" },
    notes: ["The skin lies half the thickness inside the strength layer; each seam and channel takes about its own."],
  });
}

function limits(waist: CorsetPlanLevel, plan: CorsetPlan, source: string): Reckoned[] {
  const { cinchedMm } = waist.body;
  const B = body("B", "waist", waist.bodyMm, source);
  return [
    reckoned("tightest", "Waist, tightest", {
      formula: cinchedMm === undefined ? "0.85 · B" : "max(K, 0.85 · B)",
      terms: [...(cinchedMm === undefined ? [] : [body("K", "waist, cinched", cinchedMm, source)]), B],
      result: { value: plan.tightestMm, unit: "length" },
      notes: ["Tighter than the body offers, or by more than 15 %, is a stop sign."],
    }),
    reckoned("loosest", "Waist, loosest", {
      formula: "B + e",
      terms: [B, setting("e", "ease it may have", plan.loosestMm - waist.bodyMm, "by the school")],
      result: { value: plan.loosestMm, unit: "length" },
      notes: ["Looser, and the bones carry nothing and buckle."],
    }),
  ];
}

const seated = (waist: CorsetPlanLevel, strain: number, source: string): Reckoned =>
  reckoned("seated", "Strain when sitting", {
    formula: "Bs / C − 1",
    terms: [
      body("Bs", "waist, seated", waist.body.seatedMm ?? 0, source),
      garment("C", "closed", waist.closedMm, "above"),
    ],
    result: { value: strain, unit: "percent" },
    notes: ["A seated waist is larger: what is right standing may be too much sitting."],
  });

const lowerBody = (level: CorsetPlanLevel, { part, aboveMm, belowMm }: NonNullable<CorsetPlan["between"]>): Reckoned =>
  reckoned("body.lowerEdge", "Body at the lower edge", {
    formula: "B = H + p · (L − H)",
    terms: [
      body("H", "high hip", aboveMm, "sheet"),
      term("setting", "ratio")("p", "part of the way down to the hip, at the side", part, "typed here"),
      body("L", "hip", belowMm, "sheet"),
    ],
    result: { value: level.bodyMm, unit: "length" },
  });
