import type { Knex } from "knex";

/** Fields of a half-filled form as typed. */
export type DraftFields = Readonly<Record<string, string>>;

/** Largest draft kept, in characters of JSON; a form has no more to say. */
export const LARGEST_DRAFT = 64_000;

/** Half-filled forms by the name of the form, for example `sheet:3`. */
export interface DraftRepository {
  find(form: string): Promise<DraftFields | null>;
  /** Those of several forms that have a draft, by name. */
  findAll(forms: readonly string[]): Promise<Readonly<Record<string, DraftFields>>>;
  put(form: string, fields: DraftFields, savedAt: string): Promise<void>;
  drop(form: string): Promise<void>;
}

/** Drafts over a connection or a transaction. */
export function draftRepository(db: Knex): DraftRepository {
  return {
    async find(form) {
      const row = await db("drafts").where({ form }).first("fields");
      return row ? (JSON.parse(row.fields) as DraftFields) : null;
    },
    async findAll(forms) {
      const rows: { form: string; fields: string }[] = await db("drafts")
        .whereIn("form", forms)
        .select("form", "fields");
      return Object.fromEntries(rows.map(({ form, fields }) => [form, JSON.parse(fields) as DraftFields]));
    },
    async put(form, fields, savedAt) {
      const text = JSON.stringify(fields);
      if (text.length > LARGEST_DRAFT) throw new RangeError("A draft is larger than any form can be.");
      await db("drafts").insert({ form, fields: text, saved_at: savedAt }).onConflict("form").merge();
    },
    async drop(form) {
      await db("drafts").where({ form }).delete();
    },
  };
}
