import type { WorkingField } from "../../../core/calculation/index.ts";
import {
  fieldsOfWorking,
  NEW_WORKINGS,
  WORKING_IDS,
  type WorkingId,
  type Workings,
} from "../../../core/workings/index.ts";
import { type FormSchema, group, orElse, readTree } from "../../../formats/form/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { type FieldValue, fieldText, keptText, type RowValue, rowTexts, schemaOfField } from "./field.ts";

/** A working as read, with what was typed for it and what of it cannot be read. */
export interface ReadWorking<Id extends WorkingId> {
  /** Values whose text cannot be read are as before anything was entered. */
  readonly working: Workings[Id];
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: FieldErrors;
}

/** The values of a working by the names of its fields: which it has, each calculation declares. */
const valuesOf = (working: Workings[WorkingId]) => working as unknown as Readonly<Record<string, FieldValue>>;

/** The schema of a working's form, from the fields it declares; a choice that was not shown is as it was at first. */
export function workingSchema(id: WorkingId): FormSchema<Readonly<Record<string, FieldValue>>> {
  const fresh = valuesOf(NEW_WORKINGS[id]);
  return group(
    Object.fromEntries(
      fieldsOfWorking(id).map(([name, field]) => {
        const schema = schemaOfField(field);
        return [name, field.as === "choice" ? orElse(schema, fresh[name] ?? null) : schema];
      }),
    ),
  );
}

const SCHEMAS = new Map(WORKING_IDS.map((id) => [id, workingSchema(id)]));

/**
 * Reads the form of a working. The same function reads it in the browser while it is typed and on the server before it
 * is kept, so that what was shown is what is kept.
 *
 * @param before what the working was: values without a field stay as they are.
 */
export function readWorking<Id extends WorkingId>(id: Id, fields: Fields, before: Workings[Id]): ReadWorking<Id> {
  const unit = unitOf(fields);
  const { value, errors } = readTree(SCHEMAS.get(id) as FormSchema, fields, { unit, today: "" });
  const read = value as Readonly<Record<string, FieldValue>>;
  const fresh = valuesOf(NEW_WORKINGS[id]);
  const values: Record<string, FieldValue> = {};
  const texts: Record<string, string> = {};
  for (const [name, field] of fieldsOfWorking(id)) {
    const typed = read[name];
    values[name] = typed === undefined ? (fresh[name] ?? null) : field.as === "rows" ? wholeRows(field, typed) : typed;
    // Rows are written from what they come to: what stands in them is never lost by it.
    if (field.as !== "rows")
      texts[name] = keptText(field, fields[name] ?? (field.as === "choice" ? String(values[name]) : ""), unit);
  }
  return { working: { ...before, ...values } as Workings[Id], texts, errors };
}

/** True for the name of a field itself, and of a cell of its rows. */
export const belongsTo = (name: string, field: string): boolean => name === field || name.startsWith(`${field}[`);

/**
 * What of a form of a working is to be answered for: a field that is of no use as things stand waits with what stands in
 * it, be it unreadable. Which those are, the form says itself (`idle`).
 */
export const errorsInUse = (errors: FieldErrors, idle: readonly string[]): FieldErrors =>
  Object.fromEntries(Object.entries(errors).filter(([name]) => !idle.some((field) => belongsTo(name, field))));

/** The fields a working is edited from: as it was typed, or written from its values. */
export function workingFields<Id extends WorkingId>(
  id: Id,
  { working, texts }: { readonly working: Workings[Id]; readonly texts: Fields },
): Fields {
  const values = valuesOf(working);
  return Object.fromEntries(
    fieldsOfWorking(id).flatMap(([name, field]) => {
      const value = values[name] ?? null;
      if (isRows(value)) return Object.entries(rowTexts(name, value, field.as === "rows" ? field.cells : {}));
      return [[name, texts[name] ?? fieldText(field, value)]];
    }),
  );
}

const isRows = (value: FieldValue): value is readonly RowValue[] => Array.isArray(value);

/** Rows as far as they can be read: a cell that cannot is as an empty one. A choice is never empty: a row without it is left out. */
const wholeRows = ({ cells }: Extract<WorkingField, { as: "rows" }>, rows: FieldValue): readonly RowValue[] =>
  isRows(rows)
    ? rows
        .filter((row) => Object.entries(cells).every(([cell, { as }]) => as !== "choice" || row[cell] !== undefined))
        .map((row) =>
          Object.fromEntries(
            Object.keys(cells).map((cell) => [cell, row[cell] ?? (cells[cell]?.as === "text" ? "" : null)]),
          ),
        )
    : [];

/** Names of everything a form holds of a working, or held: cells of rows stand there one by one. */
export const workingNames = (id: WorkingId, ...forms: readonly Fields[]): string[] => {
  const own = fieldsOfWorking(id).map(([name]) => name);
  const names = new Set(forms.flatMap((fields) => Object.keys(fields)));
  return [...names].filter((name) => own.some((field) => belongsTo(name, field)));
};
