import { type Migration, statements } from "./migration.ts";

/** More about a cloth; swatch tests of all states with load ladders beside the hand test; layups. */
export const swatchBench: Migration = {
  name: "0005_swatch_bench",
  up: (db) =>
    statements(
      db,
      "alter table cloths add column roll_width_mm real check (roll_width_mm > 0)",
      "alter table cloths add column mass_g_per_m2 real check (mass_g_per_m2 > 0)",
      "alter table cloths add column thickness_mm real check (thickness_mm > 0)",
      "alter table cloths add column shrinkage_along real check (shrinkage_along >= 0 and shrinkage_along < 0.5)",
      "alter table cloths add column shrinkage_across real check (shrinkage_across >= 0 and shrinkage_across < 0.5)",
      "alter table cloths add column supplier text not null default ''",
      "alter table cloths add column elastic_kind text",
      "alter table cloths add column finish_allowance_mm real check (finish_allowance_mm >= 0)",
      "drop index swatch_tests_by_cloth",
      "alter table swatch_tests rename to swatch_tests_before",
      `create table swatch_tests (
        id integer primary key, cloth_id integer not null references cloths (id),
        direction text not null check (direction in ('along', 'across', 'bias')), tested_on text not null,
        state text not null default 'new' check (state in ('new', 'wet', 'washed', 'worn')), washes integer check (washes > 0),
        look text check (look in ('narrow', 'wide')), note text not null default '',
        hand_gauge_mm real check (hand_gauge_mm > 0), hand_stretched_mm real, hand_after_mm real,
        ladder_form text check (ladder_form in ('strip', 'loop')), ladder_width_mm real, ladder_gauge_mm real,
        ladder_after_mm real, ladder_after_30_min_mm real, neck_rest_mm real, neck_stretched_mm real, neck_at_mm real,
        check (hand_gauge_mm is not null or ladder_form is not null)
      ) strict`,
      `insert into swatch_tests (id, cloth_id, direction, tested_on, hand_gauge_mm, hand_stretched_mm, hand_after_mm)
        select id, cloth_id, direction, tested_on, gauge_mm, stretched_mm, after_mm from swatch_tests_before`,
      "drop table swatch_tests_before",
      "create index swatch_tests_by_cloth on swatch_tests (cloth_id, direction, tested_on)",
      `create table ladder_steps (
        test_id integer not null references swatch_tests (id) on delete cascade, number integer not null,
        cycle integer not null check (cycle between 1 and 3), phase text not null check (phase in ('load', 'unload')),
        force_n real not null check (force_n >= 0), length_mm real not null check (length_mm > 0),
        primary key (test_id, number)
      ) strict, without rowid`,
      `create table layups (
        id integer primary key, name text not null, notes text not null default '', version integer not null default 1
      ) strict`,
      "create index layups_by_name on layups (name collate nocase)",
      `create table layup_layers (
        layup_id integer not null references layups (id) on delete cascade, position integer not null,
        cloth_id integer not null references cloths (id),
        direction text not null check (direction in ('along', 'across', 'bias')), role text not null,
        primary key (layup_id, position)
      ) strict, without rowid`,
      "create index layup_layers_by_cloth on layup_layers (cloth_id)",
    ),
};
