import { ZONE_NAMES, type Zone } from "../../../core/ease/index.ts";
import { type CheckResult, type FitCheck, isCheckId, type Reading } from "../../../core/fitting/index.ts";
import { parseForce } from "../../../core/units/index.ts";
import { formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, optionalLine } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { parseSmallLength } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { type ReadForm, SIDES } from "./fittingForm.server.ts";

const validateCheck = formValidator(
  formOf({
    check: line("a check"),
    outcome: choice("how it went", ["pass", "fail", "notTried"]),
    note: optionalLine("a note"),
  }),
);

/** Reads how a check of the style's list went. */
export function readCheck(fields: Fields, checks: readonly FitCheck[]): ReadForm<CheckResult> {
  const valid = validateCheck(fields);
  if (!valid.ok) return valid;
  const { check, outcome, note = "" } = valid.value;
  if (!isCheckId(check) || !checks.some(({ id }) => id === check)) {
    return { ok: false, errors: { check: "Expected a check of this style's list." } };
  }
  return { ok: true, value: { check, outcome: outcome as CheckResult["outcome"], note: note.trim() } };
}

/** Strongest force a hand gauge at a fitting reads, N. */
const STRONGEST_N = 500;

/** Tallest closure, and farthest lift, mm. */
const TALLEST_MM = 1000;
const FARTHEST_LIFT_MM = 300;

const validateReading = formValidator(
  formOf({
    zone: line("a zone"),
    kind: choice("what was read", ["closure", "lift", "liftBy"]),
    side: choice("a side", SIDES),
    note: optionalLine("a note"),
  }),
);

/**
 * Reads the form of a tension reading. A closure pull names the height it was read over; a lift is a force, or
 * (`liftBy`) how far the edge comes off the body.
 */
export function readReading(fields: Fields, zones: readonly Zone[]): ReadForm<Omit<Reading, "id">> {
  const valid = validateReading({ side: "both", ...fields });
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const far = fields.kind === "liftBy" ? parseSmallLength(fields.lift ?? "", unitOf(fields), FARTHEST_LIFT_MM) : null;
  if (far && !far.ok) errors.lift = far.problem.message;
  const force = far ? null : readForce(fields.force ?? "");
  if (force && typeof force === "object") errors.force = force.message;
  const zone = zones.find((one) => one === fields.zone);
  if (!zone)
    errors.zone = `Expected a zone of this style (${zones.map((one) => ZONE_NAMES[one].toLowerCase()).join(", ")}).`;
  const closes = fields.kind === "closure";
  const height = closes ? parseSmallLength(fields.height ?? "", unitOf(fields), TALLEST_MM) : null;
  if (height && !height.ok) errors.height = height.problem.message;
  const elastics = closes && (fields.elastics ?? "").trim() !== "" ? readForce(fields.elastics ?? "") : null;
  if (elastics && typeof elastics === "object") errors.elastics = elastics.message;
  if (!valid.ok || !zone || Object.keys(errors).length > 0) return { ok: false, errors };
  return {
    ok: true,
    value: {
      zone,
      kind: closes ? "closure" : "lift",
      side: valid.value.side as Reading["side"],
      newtons: typeof force === "number" ? force : null,
      text: (far ? fields.lift : fields.force)?.trim() ?? "",
      heightMm: height?.ok ? height.value : null,
      elasticsN: typeof elastics === "number" ? elastics : null,
      liftMm: far?.ok ? far.value : null,
      note: valid.value.note ?? "",
    },
  };
}

function readForce(text: string): number | { message: string } {
  const force = parseForce(text);
  if (!force.ok) return { message: force.problem.message };
  if (force.value > 0 && force.value <= STRONGEST_N) return force.value;
  return { message: `Expected a force above 0 and up to ${STRONGEST_N} N, but got “${text.trim()}”.` };
}
