import type { FlatFields } from "../../formats/form/index.ts";
import type { FieldErrors } from "../../formats/validation.ts";

/** Fields of a posted form as typed. */
export type Fields = FlatFields;

/** The text fields of a form; the last of equal names counts. */
export const textsOf = (form: FormData): Fields =>
  Object.fromEntries([...form].filter((entry): entry is [string, string] => typeof entry[1] === "string"));

/** What an action sends back for a form that was not saved: what was typed, and what is wrong with it. */
export interface Unsaved {
  readonly fields: Fields;
  readonly errors: FieldErrors;
  /** Set when somebody saved a newer version meanwhile. */
  readonly theirs?: { readonly version: number; readonly rows: readonly ConflictRow[] };
}

/** A field as it was typed beside what it was newly saved as. */
export const conflictRow = (fields: Fields, name: string, label: string, theirs: string): ConflictRow => ({
  name,
  label,
  yours: fields[name] ?? "",
  theirs,
});

/** Every field that was typed otherwise than it was newly saved, by names that can be read. */
export const conflictRows = (fields: Fields, theirs: Fields): ConflictRow[] =>
  Object.entries(theirs)
    .map(([name, text]) => conflictRow(fields, name, name.replaceAll(".", ", "), text))
    .filter(({ yours, theirs: now }) => yours !== now);

/** One field of an edit that met a newer one. */
export interface ConflictRow {
  readonly name: string;
  readonly label: string;
  readonly yours: string;
  readonly theirs: string;
}
