import { type Migration, statements } from "./migration.ts";

/** Takes of each measure, measures not taken, answers to checks; consent, child mark and allergies. */
export const wholeBody: Migration = {
  name: "0004_whole_body",
  up: (db) =>
    statements(
      db,
      "alter table wearers add column child integer not null default 0 check (child in (0, 1))",
      "alter table wearers add column allergies text not null default ''",
      "alter table sheets add column self_measured integer not null default 0 check (self_measured in (0, 1))",
      "alter table sheets add column worn_under text not null default 'nothing'",
      "alter table sheets add column consent text not null default ''",
      "alter table sheet_values rename to sheet_values_before",
      `create table sheet_values (
        sheet_id integer not null references sheets (id) on delete cascade, measure text not null,
        side text not null check (side in ('single', 'left', 'right')), take integer not null check (take between 1 and 3),
        typed text not null, mm real not null check (mm > 0), tape text check (tape in ('snug', 'finger')),
        primary key (sheet_id, measure, side, take)
      ) strict, without rowid`,
      `insert into sheet_values (sheet_id, measure, side, take, typed, mm)
        select sheet_id, measure, side, 1, typed, mm from sheet_values_before`,
      "drop table sheet_values_before",
      `create table sheet_not_taken (
        sheet_id integer not null references sheets (id) on delete cascade, measure text not null,
        side text not null check (side in ('single', 'left', 'right')), reason text not null,
        primary key (sheet_id, measure, side)
      ) strict, without rowid`,
      `create table check_answers (
        sheet_id integer not null references sheets (id) on delete cascade, rule text not null, measure text not null,
        side text not null check (side in ('single', 'left', 'right')),
        word text not null check (word in ('confirmed', 'corrected', 'repaired')),
        primary key (sheet_id, rule, measure, side)
      ) strict, without rowid`,
    ),
};
