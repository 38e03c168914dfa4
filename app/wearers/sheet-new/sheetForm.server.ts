import { type Sheet, WORN_UNDER } from "../../../core/body/index.ts";
import { parseDay } from "../../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readAnswers } from "../answerFields.ts";
import { readMeasures } from "../measureFields.ts";

const validateHead = formValidator(
  formOf({
    takenOn: line("the day of measuring"),
    unit: choice("a unit", ["cm", "in"]),
    tape: choice("a tape school", ["snug", "finger"]),
    measuredBy: optionalLine("who measured"),
    wornUnder: choice("what was worn under the tape", ["", ...WORN_UNDER.map(({ id }) => id)]),
    consent: optionalLine("the consent"),
    notes: notes(),
  }),
);

/** A checked sheet without its wearer. */
export type ReadSheet = Omit<Sheet, "id" | "wearerId">;

/** Reads the form of a new sheet. Empty measures were not taken; at least one must be there. */
export function readSheet(
  fields: Fields,
  today: string,
): { ok: true; value: ReadSheet } | { ok: false; errors: FieldErrors } {
  const head = validateHead({ wornUnder: "", ...fields });
  const unit = unitOf(fields);
  const day = parseDay(fields.takenOn ?? "", today);
  const { values, notTaken, errors: measureErrors } = readMeasures(fields, unit);
  const errors: Record<string, string> = { ...(head.ok ? {} : head.errors), ...measureErrors };
  if (!day.ok && !errors.takenOn) errors.takenOn = day.problem.message;
  if (values.length === 0 && Object.keys(measureErrors).length === 0) {
    errors.form = "Expected at least one measure, but all fields are empty.";
  }
  if (!head.ok || !day.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const { tape, measuredBy = "", consent = "", notes: words = "", wornUnder } = head.value;
  return {
    ok: true,
    value: {
      takenOn: day.value,
      unit,
      tape: tape as Sheet["tape"],
      measuredBy,
      selfMeasured: fields.selfMeasured === "yes",
      wornUnder: (wornUnder || "nothing") as NonNullable<Sheet["wornUnder"]>,
      consent,
      notes: words,
      values,
      notTaken,
      answers: readAnswers(fields),
    },
  };
}
