import { type Migration, statements } from "./migration.ts";

/** What is kept as JSON says in which format: of settings, entries of calculations, own styles and half-filled forms. */
export const formats: Migration = {
  name: "0011_formats",
  up: (db) =>
    statements(
      db,
      ...["settings", "job_workings", "own_styles", "drafts"].map(
        (table) => `alter table ${table} add column format integer not null default 1`,
      ),
    ),
};
