import { measureOf } from "../../body/catalogue/index.ts";
import type { Explanation } from "../../explain/explanation.ts";
import type { Consequences } from "../consequences.ts";
import type { StylePlan, ZonePlan } from "../planStyle.ts";
import { SCHOOLS, schoolOf } from "../schools/index.ts";
import type { SchoolId } from "../schools/school.ts";
import { ZONE_NAMES, type Zone } from "../zones.ts";
import { type DerivedNumber, explainDerived, readDerived } from "./derivations.ts";
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
  if (smallerSide)
    notes.push(`The ${body.side} side is the larger and decides; the ${smallerSide.side} is kept beside it.`);
  return {
    title: `${name}, body, snug`,
    formula: "B = M − f",
    terms: [
      {
        symbol: "M",
        meaning: `${name} as taped`,
        value: body.tapedMm,
        unit: "length",
        kind: "body",
        source: sources.sheet,
      },
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

function explainConsequence(
  number: DerivedNumber,
  zonePlan: ZonePlan,
  schoolId: SchoolId,
  sources: EaseSources,
): Explanation | null {
  return explainDerived(
    number,
    {
      place: ZONE_NAMES[zonePlan.zone],
      bodyMm: zonePlan.body.snugMm,
      consequences: zonePlan.bySchool[schoolId].consequences,
      usable: sources.usable,
      recovery: sources.recovery,
      sources: {
        body: sources.sheet,
        garment: `planned by ${schoolOf(schoolId).name.toLowerCase()}`,
        cloth: sources.test,
      },
    },
    otherSchools(zonePlan, schoolId, (consequences) => readDerived(number, consequences)),
  );
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
