import { measureOf } from "../../body/catalogue.ts";
import type { Explanation, NumberUnit, Term } from "../../explain/explanation.ts";
import type { Consequences } from "../consequences.ts";
import { NEAR_LIMIT_SHARE } from "../consequences.ts";
import type { StylePlan, ZonePlan } from "../planStyle.ts";
import { SCHOOLS, schoolOf } from "../schools/index.ts";
import type { SchoolId } from "../schools/school.ts";
import { ZONE_NAMES, type Zone } from "../zones.ts";
import { explainPullOn } from "./explainPullOn.ts";
import { garmentTerms } from "./garmentTerms.ts";
import type { EaseNumber } from "./numbers.ts";

/** What an explanation names as the sources of its numbers. */
export interface EaseSources {
  /** For example `sheet of 3 March 2026`. */
  readonly sheet: string;
  /** For example `hand test across, 12 March 2026`. */
  readonly test: string;
  /** For example `settings as shipped`. */
  readonly settings: string;
  readonly usable: number;
  readonly recovery: number | null;
}

/** Which number of which zone and school is asked about. */
export interface EaseQuestion {
  readonly number: EaseNumber;
  readonly zone: Zone;
  readonly school: SchoolId;
}

/**
 * Explains one number of a plan with the plan's own numbers.
 *
 * @returns null where the plan has no such number: a missing zone, or growth without a recovery reading.
 */
export function explainEase(question: EaseQuestion, plan: StylePlan, sources: EaseSources): Explanation | null {
  const zonePlan = plan.zones.find(({ zone }) => zone === question.zone);
  if (!zonePlan) return null;
  switch (question.number) {
    case "body":
      return explainBody(zonePlan, sources);
    case "garment":
      return explainGarment(zonePlan, question.school, sources);
    case "pullOn":
      return explainPullOn(plan, question, sources);
    default:
      return explainConsequence(question.number, zonePlan, question.school, sources);
  }
}

function explainBody(zonePlan: ZonePlan, sources: EaseSources): Explanation {
  const { body, smallerSide } = zonePlan;
  const name = measureOf(body.code).name;
  const notes = [measureOf(body.code).landmarks];
  if (smallerSide) notes.push(`The ${body.side} side is the larger and decides; the ${smallerSide.side} is kept beside it.`);
  return {
    title: `${name}, body, snug`,
    formula: "B = M − f",
    terms: [
      { symbol: "M", meaning: `${name} as taped`, value: body.tapedMm, unit: "length", kind: "body", source: sources.sheet },
      {
        symbol: "f",
        meaning: "finger under the tape",
        value: body.fingerMm,
        unit: "difference",
        kind: "setting",
        source: body.fingerMm > 0 ? `one-finger sheet; ${sources.settings}` : "snug sheet: nothing to take off",
      },
    ],
    result: { value: body.snugMm, unit: "length" },
    notes,
    others: [],
  };
}

function explainGarment(zonePlan: ZonePlan, schoolId: SchoolId, sources: EaseSources): Explanation {
  const school = schoolOf(schoolId);
  const outcome = zonePlan.bySchool[schoolId];
  const notes = [school.blindTo, "Rounded to 1 mm; everything after it is computed from the rounded girth."];
  if (outcome.heldByStableCloth) {
    notes.unshift("The cloth is stable (under 15 %), so the garment is held at least at what the fixed cut gives.");
  }
  return {
    title: `${ZONE_NAMES[zonePlan.zone]}, garment girth by ${school.name.toLowerCase()}`,
    formula: school.formula,
    terms: garmentTerms(zonePlan, outcome, sources),
    result: { value: outcome.consequences.garmentMm, unit: "length" },
    notes,
    others: otherSchools(zonePlan, schoolId, (consequences) => consequences.garmentMm),
  };
}

type DerivedNumber = Exclude<EaseNumber, "body" | "garment" | "pullOn">;

interface Derivation {
  readonly title: string;
  readonly formula: string;
  readonly unit: NumberUnit;
  readonly symbols: readonly ("B" | "G" | "ε" | "s" | "R")[];
  readonly notes: readonly string[];
  read(consequences: Consequences): number | null;
}

const DERIVATIONS: Readonly<Record<DerivedNumber, Derivation>> = {
  flat: {
    title: "flat width (half the girth)",
    formula: "flat = G / 2",
    unit: "length",
    symbols: ["G"],
    notes: ["What a tape reads across the garment laid flat, edge to edge."],
    read: (consequences) => consequences.flatMm,
  },
  quarter: {
    title: "quarter of the girth",
    formula: "quarter = G / 4",
    unit: "length",
    symbols: ["G"],
    notes: ["For a pattern drawn in quarters. Bodies rarely divide evenly by four."],
    read: (consequences) => consequences.quarterMm,
  },
  ease: {
    title: "ease",
    formula: "ease = G − B",
    unit: "difference",
    symbols: ["G", "B"],
    notes: ["Negative: the garment is smaller than the body."],
    read: (consequences) => consequences.easeMm,
  },
  reduction: {
    title: "reduction: what is cut",
    formula: "r = 1 − G / B",
    unit: "percent",
    symbols: ["G", "B"],
    notes: ["Not the strain: cloth cut 10 % smaller stretches 11.1 %."],
    read: (consequences) => consequences.reduction,
  },
  strain: {
    title: "strain: what the cloth does on the body",
    formula: "ε = B / G − 1",
    unit: "percent",
    symbols: ["B", "G"],
    notes: ["Not the reduction: the strain is always the larger of the two."],
    read: (consequences) => consequences.strain,
  },
  shareUsed: {
    title: "share of the usable stretch in use",
    formula: "share = ε / s",
    unit: "percent",
    symbols: ["ε", "s"],
    notes: [`Over ${NEAR_LIMIT_SHARE * 100} %: near its limit. Over 100 %: will not reach.`],
    read: (consequences) => consequences.shareUsed,
  },
  grown: {
    title: "girth after growth",
    formula: "G′ = G · (1 + (1 − R) · ε)",
    unit: "length",
    symbols: ["G", "R", "ε"],
    notes: ["What the cloth does not take back is lost; a garment that hangs slack does not grow."],
    read: (consequences) => consequences.grownGarmentMm,
  },
};

function explainConsequence(
  number: DerivedNumber,
  zonePlan: ZonePlan,
  schoolId: SchoolId,
  sources: EaseSources,
): Explanation | null {
  const derivation = DERIVATIONS[number];
  const { consequences } = zonePlan.bySchool[schoolId];
  const value = derivation.read(consequences);
  if (value === null) return null;
  const terms = allTerms(zonePlan, consequences, schoolId, sources).filter(({ symbol }) =>
    (derivation.symbols as readonly string[]).includes(symbol),
  );
  return {
    title: `${ZONE_NAMES[zonePlan.zone]}, ${derivation.title}`,
    formula: derivation.formula,
    terms,
    result: { value, unit: derivation.unit },
    notes: derivation.notes,
    others: otherSchools(zonePlan, schoolId, derivation.read),
  };
}

function allTerms(zonePlan: ZonePlan, consequences: Consequences, schoolId: SchoolId, sources: EaseSources): Term[] {
  const zone = ZONE_NAMES[zonePlan.zone].toLowerCase();
  const planned = `planned by ${schoolOf(schoolId).name.toLowerCase()}`;
  const terms: Term[] = [
    { symbol: "B", meaning: `body ${zone}, snug`, value: zonePlan.body.snugMm, unit: "length", kind: "body", source: sources.sheet },
    { symbol: "G", meaning: `garment ${zone}`, value: consequences.garmentMm, unit: "length", kind: "garment", source: planned },
    { symbol: "ε", meaning: "strain", value: consequences.strain, unit: "ratio", kind: "result", source: "B / G − 1" },
    { symbol: "s", meaning: "usable stretch of the cloth", value: sources.usable, unit: "ratio", kind: "cloth", source: sources.test },
  ];
  if (sources.recovery !== null) {
    terms.push({ symbol: "R", meaning: "recovery of the cloth", value: sources.recovery, unit: "ratio", kind: "cloth", source: sources.test });
  }
  return terms;
}

function otherSchools(
  zonePlan: ZonePlan,
  except: SchoolId,
  read: (consequences: Consequences) => number | null,
): { name: string; value: number }[] {
  return SCHOOLS.filter(({ id }) => id !== except).flatMap(({ id, name }) => {
    const value = read(zonePlan.bySchool[id].consequences);
    return value === null ? [] : [{ name, value }];
  });
}
