import { fail, type Result } from "../result.ts";
import { type Consequences, consequencesOf, type Wearing } from "./consequences.ts";
import { roundGirth } from "./roundGirth.ts";
import { schoolOf } from "./schools/index.ts";
import type { SchoolGirth, SchoolId, SchoolInput } from "./schools/school.ts";
import { stableFloorMm } from "./schools/stableFloor.ts";

/** One school's answer for one zone. */
export interface SchoolOutcome extends SchoolGirth {
  readonly school: SchoolId;
  /** True where the cloth is stable and the fixed cut set the least girth. */
  readonly heldByStableCloth: boolean;
  readonly consequences: Consequences;
}

/** Body snug and cloth round the body, with what a school needs to know beside them. */
export type ZoneInput = SchoolInput & Pick<Wearing, "recovery" | "frontArcMm" | "bodyGives" | "stillMm">;

/**
 * Plans one zone by one school: girth, rounded to 1 mm, and every consequence of the rounded girth.
 *
 * Problems: `no-girth` where a body is so small that nothing is left of the garment, and the school's own.
 */
export function planZone(school: SchoolId, input: ZoneInput): Result<SchoolOutcome> {
  const girth = schoolOf(school).girth(input);
  if (!girth.ok) return girth;
  const garmentMm = roundGirth(girth.value.exactMm);
  if (!(garmentMm > 0)) {
    const told = `${garmentMm} mm on a body of ${input.bodyMm} mm`;
    return fail("no-girth", `Expected a garment girth above 0, but “${schoolOf(school).name}” makes it ${told}.`);
  }
  return {
    ok: true,
    value: {
      school,
      ...girth.value,
      heldByStableCloth: schoolOf(school).heldByStableCloth && girth.value.exactMm === stableFloorMm(input),
      consequences: consequencesOf(garmentMm, input),
    },
  };
}
