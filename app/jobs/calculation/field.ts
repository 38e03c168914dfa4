import { LONGEST_TEXT, type WorkingField } from "../../../core/calculation/index.ts";
import { type LengthUnit, smallUnit, withItsUnit } from "../../../core/units/index.ts";
import {
  choice,
  type FormSchema,
  length,
  number,
  optionalLine,
  orNull,
  percent,
  reference,
  signedLength,
  smallBetween,
  smallLength,
  smallOrNone,
  tick,
} from "../../../formats/form/index.ts";
import { numberText, percentText } from "../../form/numberText.ts";

/** A field's value as it is kept. */
export type FieldValue = number | string | boolean | null;

/** How a field of a calculation is read; an empty one is null, a text or a tick is none. */
export function schemaOfField(field: WorkingField): FormSchema<FieldValue> {
  switch (field.as) {
    case "check":
      return tick();
    case "text":
      return optionalLine(field.label, LONGEST_TEXT);
    case "choice":
      return choice(
        "one of the list",
        field.choices.map(({ value }) => value),
      );
    case "pick":
      return orNull(reference("one of the list"));
    case "number":
      return orNull(number({ what: "a number", least: field.least, most: field.most, whole: field.whole ?? false }));
    case "percent":
      return orNull(percent({ what: "a percentage", least: field.least, most: field.most }));
    case "length":
      return orNull(length({ mostMm: field.mostMm, zero: field.zero ?? false }));
    case "signed":
      return orNull(signedLength(field.mostMm));
    case "between":
      return orNull(smallBetween(field.leastMm, field.mostMm));
    case "small":
      return orNull(field.zero ? smallOrNone(field.mostMm) : smallLength(field.mostMm));
  }
}

/** Writes a kept value for its field where nothing that was typed is kept. */
export function fieldText(field: WorkingField, value: FieldValue): string {
  if (value === null || value === false) return "";
  if (value === true) return "yes";
  if (typeof value === "string") return value;
  if (field.as === "percent") return percentText(value);
  if (field.as === "length") return `${numberText(value / 10)} cm`;
  return field.as === "number" || field.as === "pick" ? numberText(value) : `${numberText(value)} mm`;
}

/** What was typed, with its unit, so that it reads the same whatever unit is shown later. */
export function keptText(field: WorkingField, text: string, unit: LengthUnit): string {
  if (field.as === "length") return withItsUnit(text, unit);
  return isSmall(field) ? withItsUnit(text, smallUnit(unit)) : text.trim();
}

/** The unit bare numbers of a field are read in; nothing where it has none. */
export function suffixOf(field: WorkingField, unit: LengthUnit): string {
  if (field.as === "length") return unit;
  if (isSmall(field)) return smallUnit(unit);
  return field.as === "percent" ? "%" : field.as === "number" ? (field.suffix ?? "") : "";
}

/** True for a length whose bare numbers are read in the small unit. */
const isSmall = ({ as }: WorkingField): boolean => as === "small" || as === "signed" || as === "between";
