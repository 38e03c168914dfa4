import { fieldsOfWorking, NEW_WORKINGS, type WorkingId, type Workings } from "../../../core/workings/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { type FieldValue, fieldText, keptText, readField } from "./field.ts";

/** A working as read, with what was typed for it and what of it cannot be read. */
export interface ReadWorking<Id extends WorkingId> {
  /** Values whose text cannot be read are as before anything was entered. */
  readonly working: Workings[Id];
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: FieldErrors;
}

/**
 * Reads the form of a working. The same function reads it in the browser while it is typed and on the server before it
 * is kept, so that what was shown is what is kept.
 *
 * @param before what the working was: values without a field stay as they are.
 */
export function readWorking<Id extends WorkingId>(id: Id, fields: Fields, before: Workings[Id]): ReadWorking<Id> {
  const unit = unitOf(fields);
  const values: Record<string, FieldValue> = {};
  const texts: Record<string, string> = {};
  const errors: Record<string, string> = {};
  const fresh = NEW_WORKINGS[id] as unknown as Record<string, FieldValue>;
  for (const [name, field] of fieldsOfWorking(id)) {
    // A choice that was not shown is as it was.
    const text = fields[name] ?? (field.as === "choice" ? String(fresh[name]) : "");
    const read = readField(field, text, unit);
    if ("error" in read) errors[name] = read.error;
    values[name] = "error" in read ? (fresh[name] ?? null) : read.value;
    texts[name] = keptText(field, text, unit);
  }
  return { working: { ...before, ...values } as Workings[Id], texts, errors };
}

/** The fields a working is edited from: as it was typed, or written from its values. */
export function workingFields<Id extends WorkingId>(
  id: Id,
  { working, texts }: { readonly working: Workings[Id]; readonly texts: Fields },
): Fields {
  const values = working as unknown as Record<string, FieldValue>;
  return Object.fromEntries(
    fieldsOfWorking(id).map(([name, field]) => [name, texts[name] ?? fieldText(field, values[name] ?? null)]),
  );
}
