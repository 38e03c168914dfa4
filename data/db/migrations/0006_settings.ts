import { type Migration, statements } from "./migration.ts";

/** Settings of the workshop, by name; a photo for a cloth. */
export const settings: Migration = {
  name: "0006_settings",
  up: (db) =>
    statements(
      db,
      "create table settings (name text primary key, value text not null, version integer not null default 1) strict, without rowid",
      `create table cloth_photos (
        cloth_id integer primary key references cloths (id) on delete cascade,
        type text not null check (type in ('image/jpeg', 'image/png')), kept_as text not null, bytes blob not null
      ) strict`,
    ),
};
