import { LONGEST_TEXT, type WorkingField } from "../../../core/calculation/index.ts";
import { type LengthUnit, parseLength } from "../../../core/units/index.ts";
import { numberText, percentText, readNumberField } from "../../form/numberField.ts";
import { smallUnit, withItsUnit } from "../../form/smallLength.ts";

/** A field's value as it is kept. */
export type FieldValue = number | string | boolean | null;

type ReadField = { readonly value: FieldValue } | { readonly error: string };

/** Reads one field. */
export function readField(field: WorkingField, text: string, unit: LengthUnit): ReadField {
  const typed = text.trim();
  switch (field.as) {
    case "check":
      return { value: typed === "yes" };
    case "text":
      return typed.length <= LONGEST_TEXT
        ? { value: typed }
        : { error: `Expected at most ${LONGEST_TEXT} letters, but got ${typed.length}.` };
    case "choice":
      return readChoice(field.choices, typed);
    case "pick":
      if (typed === "") return { value: null };
      return /^[1-9]\d{0,14}$/.test(typed) ? { value: Number(typed) } : { error: "Expected one of the list." };
    case "number":
      return typed === ""
        ? { value: null }
        : readNumberField(typed, {
            what: "a number",
            least: field.least,
            most: field.most,
            whole: field.whole ?? false,
          });
    case "percent": {
      if (typed === "") return { value: null };
      const read = readNumberField(typed.replace(/\s*%$/, ""), {
        what: "a percentage",
        least: field.least,
        most: field.most,
      });
      return "value" in read ? { value: read.value / 100 } : read;
    }
    default:
      return typed === "" ? { value: null } : readLength(field, typed, unit);
  }
}

const readChoice = (choices: readonly { readonly value: string }[], typed: string): ReadField =>
  choices.some(({ value }) => value === typed)
    ? { value: typed }
    : { error: `Expected one of ${choices.map(({ value }) => value).join(", ")}.` };

function readLength(
  { as, mostMm, zero = false }: Extract<WorkingField, { readonly mostMm: number }>,
  typed: string,
  unit: LengthUnit,
): ReadField {
  const negative = as === "signed" && /^[-−]/.test(typed);
  const bare = negative ? typed.slice(1) : typed;
  const parsed = parseLength(as === "length" ? bare : withItsUnit(bare, smallUnit(unit)), unit);
  if (!parsed.ok) {
    const example = as === "length" ? (unit === "cm" ? "71.5 or 28 1/4 in" : "28 1/4 or 71.5 cm") : "24 mm or 15/16 in";
    return { error: `Expected a length such as ${example}, but “${typed.slice(0, 40)}” cannot be read as one.` };
  }
  const least = zero || as === "signed" ? "0" : "above 0";
  if (!(parsed.value <= mostMm) || (parsed.value === 0 && least !== "0"))
    return { error: `Expected a length ${least} and up to ${mostMm / 10} cm, but got “${typed.slice(0, 40)}”.` };
  return { value: negative ? -parsed.value : parsed.value };
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
  return field.as === "small" || field.as === "signed" ? withItsUnit(text, smallUnit(unit)) : text.trim();
}

/** The unit bare numbers of a field are read in; nothing where it has none. */
export function suffixOf(field: WorkingField, unit: LengthUnit): string {
  if (field.as === "length") return unit;
  if (field.as === "small" || field.as === "signed") return smallUnit(unit);
  return field.as === "percent" ? "%" : field.as === "number" ? (field.suffix ?? "") : "";
}
