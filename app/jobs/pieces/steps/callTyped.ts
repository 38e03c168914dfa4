import type { OperationCall } from "../../../../core/drafting/index.ts";
import type { FinishSettings } from "../../../../core/edges/index.ts";
import type { LengthUnit } from "../../../../core/units/index.ts";
import { readTree } from "../../../../formats/form/index.ts";
import type { Fields } from "../../../form/unsaved.ts";
import type { StepForm } from "./stepForm.ts";

/** The operation that a form of a step comes to as it is typed; null until all of it is there and can be read. */
export function callTyped(
  form: StepForm,
  fields: Fields,
  unit: LengthUnit,
  habits: FinishSettings,
): OperationCall | null {
  const { value, errors } = readTree(form.schema, fields, { unit, today: "" });
  const read = value as Readonly<Record<string, unknown>>;
  const whole = (form.schema.required ?? []).every((name) => read[name] !== undefined);
  if (!whole || Object.keys(errors).length > 0) return null;
  const call = form.call(read as never, habits);
  return call.ok ? call.value : null;
}
