import { type Static, Type } from "typebox";
import {
  isMeasureCode,
  LONG_CODES,
  type MeasureCode,
  type MeasuredValue,
  measuredValue,
  measureOf,
  type NotTaken,
  type Sheet,
  sidesOf,
  takesOf,
  valueFromTakes,
  WORN_UNDER,
} from "../../core/body/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { parseDay, parseLength } from "../../core/units/index.ts";
import { validator } from "../validation.ts";

const text = (most: number) => Type.String({ maxLength: most });
const measure = () => Type.Enum([...LONG_CODES]);
const side = () => Type.Enum(["single", "left", "right"]);
const tape = () => Type.Enum(["snug", "finger"]);

/** A sheet in a file: what was typed is kept as it was typed, so that nothing is lost by rounding. */
export const sheetSchema = Type.Object(
  {
    takenOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$", description: "day of measuring, ISO 8601" }),
    unit: Type.Enum(["cm", "in"], { description: "unit of readings without one" }),
    tape: tape(),
    measuredBy: text(120),
    selfMeasured: Type.Boolean(),
    wornUnder: Type.Enum(WORN_UNDER.map(({ id }) => id)),
    consent: text(120),
    notes: text(4000),
    values: Type.Array(
      Type.Object(
        {
          measure: measure(),
          side: side(),
          takes: Type.Array(text(40), { minItems: 1, maxItems: 3, description: "readings as typed" }),
          tape: Type.Optional(tape()),
        },
        { additionalProperties: false },
      ),
    ),
    notTaken: Type.Array(
      Type.Object({ measure: measure(), side: side(), reason: text(200) }, { additionalProperties: false }),
    ),
  },
  { additionalProperties: false },
);

/** A file of sheets. */
export const sheetsSchema = Type.Object(
  {
    format: Type.Literal("stenz.sheets"),
    version: Type.Literal(1),
    sheets: Type.Array(sheetSchema, { minItems: 1, maxItems: 1000 }),
  },
  { additionalProperties: false, $id: "stenz.sheets", title: "Sheets of measures" },
);

/** One sheet of a file. */
export type SheetEntry = Static<typeof sheetSchema>;

/** A sheet as it comes out of a file: it gets its id and its wearer when it is kept. */
export type ImportedSheet = Omit<Sheet, "id" | "wearerId">;

const validate = validator(sheetsSchema);

/** Sheets as a file's document. */
export const sheetsDocument = (sheets: readonly Sheet[]): Static<typeof sheetsSchema> => ({
  format: "stenz.sheets",
  version: 1,
  sheets: sheets.map(entryOf),
});

/** One sheet as an entry. */
export const entryOf = (sheet: Sheet): SheetEntry => ({
  takenOn: sheet.takenOn,
  unit: sheet.unit,
  tape: sheet.tape,
  measuredBy: sheet.measuredBy,
  selfMeasured: sheet.selfMeasured ?? false,
  wornUnder: sheet.wornUnder ?? "nothing",
  consent: sheet.consent ?? "",
  notes: sheet.notes,
  values: sheet.values.map((value) => ({
    measure: value.code,
    side: value.side,
    takes: takesOf(value).map((take) => take.text),
    ...(value.tape ? { tape: value.tape } : {}),
  })),
  notTaken: (sheet.notTaken ?? []).map(({ code, side: where, reason }) => ({ measure: code, side: where, reason })),
});

/** Reads a JSON file of sheets. Refused whole at the first mistake, with where it is. */
export function readSheetsDocument(document: unknown, today: string): Result<ImportedSheet[]> {
  const valid = validate(document);
  if (!valid.ok) return valid;
  const sheets: ImportedSheet[] = [];
  for (const [index, entry] of (valid.value as Static<typeof sheetsSchema>).sheets.entries()) {
    const day = parseDay(entry.takenOn, today);
    const sheet = day.ok ? sheetFrom(entry) : day;
    if (!sheet.ok) return fail(sheet.problem.code, `Sheet ${index + 1}: ${sheet.problem.message}`);
    sheets.push(sheet.value);
  }
  return ok(sheets);
}

/** A sheet from an entry whose fields agree with the schema. Problems: a reading that is no length, a side there is not. */
export function sheetFrom(entry: SheetEntry): Result<ImportedSheet> {
  const values: MeasuredValue[] = [];
  for (const value of entry.values) {
    const read = valueFrom(value, entry.unit as Sheet["unit"]);
    if (!read.ok) return read;
    const { code, side: where } = read.value;
    if (measuredValue(values, code, where)) {
      return fail(
        "measure-twice",
        `Expected every measure once, with its takes together, but ${code} stands there twice.`,
      );
    }
    values.push(read.value);
  }
  return ok({
    takenOn: entry.takenOn,
    unit: entry.unit as Sheet["unit"],
    tape: entry.tape as Sheet["tape"],
    measuredBy: entry.measuredBy,
    selfMeasured: entry.selfMeasured,
    wornUnder: entry.wornUnder as NonNullable<Sheet["wornUnder"]>,
    consent: entry.consent,
    notes: entry.notes,
    values,
    notTaken: entry.notTaken.map(({ measure: code, side: where, reason }) => ({
      code,
      side: where,
      reason,
    })) as NotTaken[],
  });
}

/** Longest length a tape is believed to read, mm. */
const LONGEST_MM = 20_000;

/** A side of a measure by its name. @returns it, or `side-unknown`. */
export function sideOf(code: MeasureCode, where: string): Result<MeasuredValue["side"]> {
  const sides = sidesOf(measureOf(code));
  const side = sides.find((known) => known === where);
  return side
    ? ok(side)
    : fail("side-unknown", `Expected the side ${sides.join(" or ")} for ${code}, but got “${where.slice(0, 40)}”.`);
}

/** One value of a file, with the reason where it cannot be read. */
export function valueFrom(value: SheetEntry["values"][number], unit: Sheet["unit"]): Result<MeasuredValue> {
  const { measure: code, side: where, takes } = value;
  if (!isMeasureCode(code)) return fail("measure-unknown", `Expected a measure of the catalogue, but got “${code}”.`);
  const known = sideOf(code, where);
  if (!known.ok) return known;
  const read = [];
  for (const typed of takes) {
    const parsed = parseLength(typed, unit);
    if (!parsed.ok) return fail(parsed.problem.code, `${code}: ${parsed.problem.message}`);
    if (!(parsed.value > 0 && parsed.value <= LONGEST_MM)) {
      return fail("length-out-of-range", `${code}: Expected a length above 0 and up to 20 m, but got “${typed}”.`);
    }
    read.push({ text: typed, mm: parsed.value });
  }
  const place = {
    code,
    side: known.value,
    ...(value.tape ? { tape: value.tape as NonNullable<MeasuredValue["tape"]> } : {}),
  };
  return ok(valueFromTakes(place, read));
}
