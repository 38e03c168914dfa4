import { ZONE_NAMES, type Zone } from "../../core/ease/zones.ts";
import { findingKindOf, isFindingKindId } from "../../core/fitting/findings/index.ts";
import type { Finding, Fitting, Reading } from "../../core/fitting/fitting.ts";
import { parseDay } from "../../core/units/day.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { parseForce } from "../../core/units/parseForce.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "./fields.server.ts";
import { parseSmallLength, smallUnit, withItsUnit } from "./smallLength.ts";
import type { Fields } from "./unsaved.ts";

/** What reading a form gives: its value, or messages for its fields. */
export type ReadForm<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly errors: FieldErrors };

const unitOf = (fields: Fields): LengthUnit => (fields.unit === "in" ? "in" : "cm");

const validateFitting = formValidator(
  formOf({ fittedOn: line("the day of the fitting"), on: choice("who wore it", ["wearer", "form"]), notes: notes() }),
);

/** Reads the form that begins a fitting. */
export function readFitting(fields: Fields, today: string): ReadForm<Pick<Fitting, "fittedOn" | "on" | "notes">> {
  const valid = validateFitting(fields);
  const day = parseDay(fields.fittedOn ?? "", today);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  if (!day.ok) errors.fittedOn ??= day.problem.message;
  if (!valid.ok || !day.ok) return { ok: false, errors };
  return {
    ok: true,
    value: { fittedOn: day.value, on: valid.value.on as Fitting["on"], notes: valid.value.notes ?? "" },
  };
}

/** Largest amount a finding is read at, mm. */
const LARGEST_FINDING_MM = 500;

const validateFinding = formValidator(
  formOf({
    kind: line("what is seen"),
    zone: line("a zone"),
    side: choice("a side", ["left", "right", "both"]),
    view: choice("a view", ["front", "back"]),
    note: notes(),
  }),
);

/** Reads the form of a finding; the depth of a fold counts twice. */
export function readFinding(
  fields: Fields,
  zones: readonly Zone[],
): ReadForm<Omit<Finding, "id" | "fittingId" | "version" | "change" | "judgement">> {
  const valid = validateFinding(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const amount = parseSmallLength(fields.amount ?? "", unitOf(fields), LARGEST_FINDING_MM);
  if (!amount.ok) errors.amount = amount.problem.message;
  const zone = zones.find((one) => one === fields.zone);
  if (!zone)
    errors.zone = `Expected a zone of this style (${zones.map((one) => ZONE_NAMES[one].toLowerCase()).join(", ")}).`;
  const kind = isFindingKindId(fields.kind ?? "") ? findingKindOf(fields.kind as Finding["kind"]) : null;
  if (!kind) errors.kind ??= "Expected what is seen: loose, tight or rides.";
  else if (zone && !kind.zones.includes(zone)) {
    errors.kind = `Expected something seen at the ${ZONE_NAMES[zone].toLowerCase()}, but “${kind.name.toLowerCase()}” is not put there.`;
  }
  if (!valid.ok || !amount.ok || !zone || !kind || Object.keys(errors).length > 0) return { ok: false, errors };
  const folded = kind.canBeFolded && fields.folded === "yes";
  return {
    ok: true,
    value: {
      kind: kind.id,
      zone,
      side: valid.value.side as Finding["side"],
      view: valid.value.view as Finding["view"],
      x: partOf(fields.x),
      y: partOf(fields.y),
      amountMm: folded ? 2 * amount.value : amount.value,
      amountText: withItsUnit(fields.amount ?? "", smallUnit(unitOf(fields)) === "mm" ? "mm" : "in"),
      folded,
      note: valid.value.note ?? "",
    },
  };
}

/** A place as a part of the figure; the page always sends one, so anything else is its middle. */
function partOf(text: string | undefined): number {
  const part = Number(text);
  return text && part >= 0 && part <= 1 ? part : 0.5;
}

/** Strongest force a hand gauge at a fitting reads, N. */
const STRONGEST_N = 500;

/** Tallest closure, mm. */
const TALLEST_MM = 1000;

const validateReading = formValidator(
  formOf({ zone: line("a zone"), kind: choice("what was read", ["closure", "lift"]), note: optionalLine("a note") }),
);

/** Reads the form of a tension reading. A closure pull names the height it was read over; a lift has none. */
export function readReading(fields: Fields, zones: readonly Zone[]): ReadForm<Omit<Reading, "id">> {
  const valid = validateReading(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const force = parseForce(fields.force ?? "");
  if (!force.ok) errors.force = force.problem.message;
  else if (!(force.value > 0 && force.value <= STRONGEST_N)) {
    errors.force = `Expected a force above 0 and up to ${STRONGEST_N} N, but got “${(fields.force ?? "").trim()}”.`;
  }
  const zone = zones.find((one) => one === fields.zone);
  if (!zone) errors.zone = "Expected a zone of this style.";
  const closes = fields.kind === "closure";
  const height = closes ? parseSmallLength(fields.height ?? "", unitOf(fields), TALLEST_MM) : null;
  if (height && !height.ok) errors.height = height.problem.message;
  if (!valid.ok || !force.ok || !zone || Object.keys(errors).length > 0) return { ok: false, errors };
  return {
    ok: true,
    value: {
      zone,
      kind: valid.value.kind as Reading["kind"],
      newtons: force.value,
      text: (fields.force ?? "").trim(),
      heightMm: height?.ok ? height.value : null,
      note: valid.value.note ?? "",
    },
  };
}
