import { measureOf } from "../../body/index.ts";
import type { Explanation } from "../../explain/index.ts";
import type { Consequences } from "../consequences.ts";
import { girthBy, type StylePlan } from "../planStyle.ts";
import type { SchoolOutcome } from "../planZone.ts";
import { SCHOOLS, schoolOf } from "../schools/index.ts";
import type { SchoolId } from "../schools/school.ts";
import type { ZonePlan } from "../zonePlan.ts";
import { ZONE_NAMES } from "../zones.ts";
import { cautionsOf, type DerivedNumber, readDerived } from "./derivations.ts";
import { explainDerived } from "./explainDerived.ts";
import { explainPullOn } from "./explainPullOn.ts";
import { garmentTerms } from "./garmentTerms.ts";
import type { EaseColumn, EaseQuestion, EaseSources } from "./question.ts";

/**
 * Explains one number of a plan with the plan's own numbers.
 *
 * @returns null where the plan has no such number: a missing zone, a school without an answer, growth without a
 *   recovery reading, tension without a curve.
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
        meaning: body.place ? `body ${body.place}` : `${name} as taped`,
        value: body.tapedMm,
        unit: "length",
        kind: "body",
        source: body.place ? `reduction, between two levels by height; ${sources.sheet}` : sources.sheet,
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

/** The school behind a column; null for a girth of the maker's own. */
export function schoolBehind(zonePlan: ZonePlan, column: EaseColumn): SchoolId | null {
  if (column !== "chosen") return column;
  return zonePlan.chosen && zonePlan.chosen.choice.by !== "own" ? zonePlan.chosen.choice.by : null;
}

function consequencesIn(zonePlan: ZonePlan, column: EaseColumn): Consequences | null {
  return column === "chosen" ? (zonePlan.chosen?.consequences ?? null) : girthBy(column, zonePlan);
}

function explainGarment(zonePlan: ZonePlan, column: EaseColumn, sources: EaseSources): Explanation | null {
  const schoolId = schoolBehind(zonePlan, column);
  if (schoolId === null) return explainOwn(zonePlan, sources);
  const answer = zonePlan.bySchool[schoolId];
  if (!answer.ok) return null;
  const school = schoolOf(schoolId);
  return {
    title: `${ZONE_NAMES[zonePlan.zone]}, garment girth by ${school.name.toLowerCase()}`,
    formula: school.formula,
    terms: garmentTerms(zonePlan, answer.value, sources),
    result: { value: answer.value.consequences.garmentMm, unit: "length" },
    notes: [...garmentNotes(answer.value), school.blindTo, ROUNDED],
    cautions: cautionsOf(answer.value.consequences),
    others: otherSchools(zonePlan, schoolId, (consequences) => consequences.garmentMm),
  };
}

const ROUNDED = "Rounded to 1 mm; everything after it is computed from the rounded girth.";

function garmentNotes({ heldByStableCloth, school, ...girth }: SchoolOutcome): string[] {
  if (heldByStableCloth)
    return ["The cloth is stable (under 15 %), so the garment is held at least at what the fixed cut gives."];
  return schoolOf(school).notes?.(girth) ?? [];
}

function explainOwn(zonePlan: ZonePlan, sources: EaseSources): Explanation | null {
  if (!zonePlan.chosen) return null;
  const { consequences } = zonePlan.chosen;
  return {
    title: `${ZONE_NAMES[zonePlan.zone]}, garment girth of your own`,
    formula: "G = B − n",
    terms: [
      {
        symbol: "B",
        meaning: "body, snug",
        value: zonePlan.body.snugMm,
        unit: "length",
        kind: "body",
        source: sources.sheet,
      },
      {
        symbol: "n",
        meaning: "smaller than the body by",
        value: -consequences.easeMm,
        unit: "difference",
        kind: "setting",
        source: "set by hand for this zone",
      },
    ],
    result: { value: consequences.garmentMm, unit: "length" },
    notes: ["No school stands behind it: you set it."],
    cautions: cautionsOf(consequences),
    others: otherSchools(zonePlan, null, (other) => other.garmentMm),
  };
}

function explainConsequence(
  number: DerivedNumber,
  zonePlan: ZonePlan,
  column: EaseColumn,
  sources: EaseSources,
): Explanation | null {
  const consequences = consequencesIn(zonePlan, column);
  if (!consequences) return null;
  const schoolId = schoolBehind(zonePlan, column);
  return explainDerived(
    number,
    {
      place: ZONE_NAMES[zonePlan.zone],
      bodyMm: zonePlan.body.snugMm,
      consequences,
      usable: sources.usable,
      recovery: sources.recovery,
      frontArcMm: zonePlan.frontArcMm,
      sources: {
        body: sources.sheet,
        garment: schoolId ? `planned by ${schoolOf(schoolId).name.toLowerCase()}` : "set by hand for this zone",
        cloth: sources.test,
        wear: sources.wear,
      },
    },
    otherSchools(zonePlan, schoolId, (other) => readDerived(number, other)),
  );
}

function otherSchools(
  zonePlan: ZonePlan,
  except: SchoolId | null,
  read: (consequences: Consequences) => number | null,
): { name: string; value: number }[] {
  return SCHOOLS.filter(({ id }) => id !== except).flatMap(({ id, name }) => {
    const consequences = girthBy(id, zonePlan);
    const value = consequences ? read(consequences) : null;
    return value === null ? [] : [{ name, value }];
  });
}
