import { type Migration, statements } from "./migration.ts";

/** Choices of the ease plan by zone, layups and closures of a job; garments that fit, own styles, size charts. */
export const easePlan: Migration = {
  name: "0007_ease_plan",
  up: (db) =>
    statements(
      db,
      `create table liked_garments (
        id integer primary key, wearer_id integer not null references wearers (id), name text not null,
        measured_on text not null, cloth_id integer references cloths (id),
        direction text not null check (direction in ('along', 'across', 'bias')),
        usable real check (usable > 0), widths text not null check (json_valid(widths)),
        lengths text not null check (json_valid(lengths)), notes text not null default '',
        version integer not null default 1
      ) strict`,
      "create index liked_garments_by_wearer on liked_garments (wearer_id)",
      `create table own_styles (
        id integer primary key, name text not null, based_on text not null,
        zones text not null check (json_valid(zones)), drops text not null check (json_valid(drops)),
        limits text not null check (json_valid(limits)), version integer not null default 1
      ) strict`,
      `create table size_charts (
        id integer primary key, name text not null, notes text not null default '',
        ease text not null check (ease in ('stretch', 'loose')), own_reduction real,
        sizes text not null check (json_valid(sizes)), version integer not null default 1
      ) strict`,
      "create index size_charts_by_name on size_charts (name collate nocase, id)",
      "alter table jobs add column layup_id integer references layups (id)",
      "alter table jobs add column edge_elastic_id integer references cloths (id)",
      "alter table jobs add column chart_id integer references size_charts (id)",
      "alter table jobs add column zone_choices text not null default '{}' check (json_valid(zone_choices))",
      "alter table jobs add column pressures text not null default '{}' check (json_valid(pressures))",
      "alter table jobs add column pattern_lengths text not null default '{}' check (json_valid(pattern_lengths))",
      "alter table jobs add column closures text not null default '{}' check (json_valid(closures))",
    ),
};
