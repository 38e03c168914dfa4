import { type Migration, statements } from "./migration.ts";

/** Half-filled forms, kept as they are typed and dropped once saved. */
export const drafts: Migration = {
  name: "0003_drafts",
  up: (db) =>
    statements(
      db,
      `create table drafts (
        form text primary key, fields text not null check (json_valid(fields)), saved_at text not null
      ) strict, without rowid`,
    ),
};
