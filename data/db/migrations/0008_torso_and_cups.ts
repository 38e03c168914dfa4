import { type Migration, statements } from "./migration.ts";

/** What makers enter for the torso and cup calculations of a job, notes on it, and body wraps of wearers. */
export const torsoAndCups: Migration = {
  name: "0008_torso_and_cups",
  up: (db) =>
    statements(
      db,
      `create table job_workings (
        id integer primary key, job_id integer not null references jobs (id), kind text not null,
        content text not null check (json_valid(content)),
        texts text not null check (json_valid(texts)), version integer not null default 1,
        unique (job_id, kind)
      ) strict`,
      `create table body_wraps (
        id integer primary key, wearer_id integer not null references wearers (id), name text not null,
        taken_on text not null, notes text not null default '', edges text not null check (json_valid(edges)),
        version integer not null default 1
      ) strict`,
      "create index body_wraps_by_wearer on body_wraps (wearer_id)",
      "alter table jobs add column notes text not null default ''",
    ),
};
