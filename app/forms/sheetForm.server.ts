import type { MeasuredValue, TapeSchool } from "../../core/body/sheetValues.ts";
import { parseDay } from "../../core/units/day.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "./fields.server.ts";
import { readMeasures } from "./measureFields.ts";
import type { Fields } from "./unsaved.ts";

const validateHead = formValidator(
  formOf({
    takenOn: line("the day of measuring"),
    unit: choice("a unit", ["cm", "in"]),
    tape: choice("a tape school", ["snug", "finger"]),
    measuredBy: optionalLine("who measured"),
    notes: notes(),
  }),
);

/** A checked sheet without its wearer. */
export interface ReadSheet {
  readonly takenOn: string;
  readonly unit: LengthUnit;
  readonly tape: TapeSchool;
  readonly measuredBy: string;
  readonly notes: string;
  readonly values: readonly MeasuredValue[];
}

/** Reads the form of a new sheet. Empty measures were not taken; at least one must be there. */
export function readSheet(
  fields: Fields,
  today: string,
): { ok: true; value: ReadSheet } | { ok: false; errors: FieldErrors } {
  const head = validateHead(fields);
  const unit: LengthUnit = fields.unit === "in" ? "in" : "cm";
  const day = parseDay(fields.takenOn ?? "", today);
  const { values, errors: measureErrors } = readMeasures(fields, unit);
  const errors: Record<string, string> = { ...(head.ok ? {} : head.errors), ...measureErrors };
  if (!day.ok && !errors.takenOn) errors.takenOn = day.problem.message;
  if (values.length === 0 && Object.keys(measureErrors).length === 0) {
    errors.form = "Expected at least one measure, but all fields are empty.";
  }
  if (!head.ok || !day.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const { tape, measuredBy = "", notes: words = "" } = head.value;
  return { ok: true, value: { takenOn: day.value, unit, tape: tape as TapeSchool, measuredBy, notes: words, values } };
}
