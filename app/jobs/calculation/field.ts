import { LONGEST_TEXT, type WorkingCell, type WorkingField } from "../../../core/calculation/index.ts";
import { type LengthUnit, smallUnit, withItsUnit } from "../../../core/units/index.ts";
import {
  anyDay,
  choice,
  type FormSchema,
  group,
  length,
  line,
  listOf,
  number,
  optionalLine,
  orElse,
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
import { inRow } from "../../form/rows/withRows.ts";

/** The value of one cell, or of a field without rows, as it is kept. */
type CellValue = number | string | boolean | null;

/** One row of a list as it is kept. */
export type RowValue = Readonly<Record<string, CellValue>>;

/** A field's value as it is kept. */
export type FieldValue = CellValue | readonly RowValue[];

/** How a field of a calculation is read; an empty one is null, a text or a tick is none. */
export function schemaOfField(field: WorkingField): FormSchema<FieldValue> {
  switch (field.as) {
    case "check":
      return tick();
    case "day":
      return orNull(anyDay("a day"));
    case "text":
      return optionalLine(field.label, LONGEST_TEXT);
    case "choice":
      return choice(
        "one of the list",
        field.choices.map(({ value }) => value),
      );
    case "rows":
      return listOf(
        group(Object.fromEntries(Object.entries(field.cells).map(([name, cell]) => [name, schemaOfCell(cell)]))),
        { rowBy: field.rowBy, most: field.most, title: field.row },
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

/** How one cell of a row is read; an empty length is null. */
function schemaOfCell(cell: WorkingCell): FormSchema<CellValue> {
  switch (cell.as) {
    case "check":
      return tick();
    case "day":
      return orNull(anyDay("a day"));
    case "unseen":
      return optionalLine(cell.label, cell.most);
    case "text":
      return (cell.needed ? line : optionalLine)(`a name for “${cell.label}”`, cell.most);
    case "choice":
      return orElse(
        choice(
          "one of the list",
          cell.choices.map(({ value }) => value),
        ),
        cell.choices[0]?.value ?? "",
      );
    case "length":
      return orNull(length({ mostMm: cell.mostMm }));
    case "number":
      return orNull(number({ what: "a number", least: cell.least, most: cell.most }));
    case "signed":
      return orNull(signedLength(cell.mostMm));
    case "small":
      return orNull(smallOrNone(cell.mostMm));
  }
}

/** The fields that rows are edited from, under the names of their cells. */
export const rowTexts = (
  name: string,
  rows: readonly RowValue[],
  cells: Readonly<Record<string, WorkingCell>>,
): Record<string, string> =>
  Object.fromEntries(
    rows.flatMap((row, at) =>
      Object.entries(row).map(([cell, value]) => [inRow(name, at, cell), cellText(value, cells[cell])]),
    ),
  );

function cellText(value: CellValue, cell: WorkingCell | undefined): string {
  if (typeof value === "boolean") return value ? "yes" : "";
  if (typeof value === "number") return cell?.as === "number" ? numberText(value) : `${numberText(value)} mm`;
  return value ?? "";
}

/** Writes a kept value for its field where nothing that was typed is kept. */
export function fieldText(field: WorkingField, value: CellValue): string {
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

/** The same for the cells of a column. */
export function suffixOfCell(cell: WorkingCell, unit: LengthUnit): string {
  if (cell.as === "number") return cell.suffix ?? "";
  return cell.as === "length" ? unit : cell.as === "signed" || cell.as === "small" ? smallUnit(unit) : "";
}
