import { type Migration, statements } from "./migration.ts";

/** Wearers with their sheets, cloths with their tests. */
export const bodyAndCloth: Migration = {
  name: "0001_body_and_cloth",
  up: (db) =>
    statements(
      db,
      `create table wearers (
        id integer primary key, name text not null, kind text not null check (kind in ('person', 'form')),
        notes text not null default '', version integer not null default 1
      ) strict`,
      "create index wearers_by_name on wearers (name collate nocase)",
      `create table sheets (
        id integer primary key, wearer_id integer not null references wearers (id), taken_on text not null,
        unit text not null check (unit in ('cm', 'in')), tape text not null check (tape in ('snug', 'finger')),
        measured_by text not null default '', notes text not null default ''
      ) strict`,
      "create index sheets_by_wearer on sheets (wearer_id, taken_on)",
      `create table sheet_values (
        sheet_id integer not null references sheets (id) on delete cascade, measure text not null,
        side text not null check (side in ('single', 'left', 'right')), typed text not null,
        mm real not null check (mm > 0), primary key (sheet_id, measure, side)
      ) strict, without rowid`,
      `create table cloths (
        id integer primary key, name text not null, kind text not null, composition text not null default '',
        notes text not null default '', version integer not null default 1
      ) strict`,
      "create index cloths_by_name on cloths (name collate nocase)",
      `create table swatch_tests (
        id integer primary key, cloth_id integer not null references cloths (id), direction text not null
          check (direction in ('along', 'across', 'bias')), tested_on text not null,
        gauge_mm real not null check (gauge_mm > 0), stretched_mm real not null, after_mm real
      ) strict`,
      "create index swatch_tests_by_cloth on swatch_tests (cloth_id, direction)",
    ),
};
