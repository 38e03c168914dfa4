import type { Knex } from "knex";
import { keptDraft } from "../../formats/kept/keptDraft.ts";
import { readKept } from "../db/index.ts";
import { jobOfDraft } from "./draftJob.ts";
import { draftHasOwner } from "./draftOwner.ts";

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
  /** False where what a form is about was erased: nothing of it is to come back. */
  hasOwner(form: string): Promise<boolean>;
  /** The job a form is about, by its name; null where it is about none. */
  jobOf(form: string): Promise<number | null>;
}

interface DraftRow {
  form: string;
  fields: string;
  format: number;
}

const fromRow = ({ fields, format }: DraftRow): DraftFields => readKept(keptDraft, { content: fields, format });

/** Drafts over a connection or a transaction. */
export function draftRepository(db: Knex): DraftRepository {
  return {
    async find(form) {
      const row: DraftRow | undefined = await db("drafts").where({ form }).first("form", "fields", "format");
      return row ? fromRow(row) : null;
    },
    async findAll(forms) {
      const rows: DraftRow[] = await db("drafts").whereIn("form", forms).select("form", "fields", "format");
      return Object.fromEntries(rows.map((row) => [row.form, fromRow(row)]));
    },
    async put(form, fields, savedAt) {
      const text = JSON.stringify(fields);
      if (text.length > LARGEST_DRAFT) throw new RangeError("A draft is larger than any form can be.");
      const row = { form, fields: text, format: keptDraft.format, saved_at: savedAt };
      await db("drafts").insert(row).onConflict("form").merge();
    },
    hasOwner: (form) => draftHasOwner(db, form),
    jobOf: (form) => jobOfDraft(db, form),
    async drop(form) {
      await db("drafts").where({ form }).delete();
    },
  };
}
