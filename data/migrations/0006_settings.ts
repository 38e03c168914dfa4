import { type Migration, statements } from "./migration.ts";

/** Settings of the workshop, by name. */
export const settings: Migration = {
  name: "0006_settings",
  up: (db) =>
    statements(
      db,
      "create table settings (name text primary key, value text not null, version integer not null default 1) strict, without rowid",
    ),
};
