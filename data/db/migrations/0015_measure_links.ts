import { type Migration, statements } from "./migration.ts";

/** Links by which a wearer measures themselves for a job: one sheet each. */
export const measureLinks: Migration = {
  name: "0015_measure_links",
  up: (db) =>
    statements(
      db,
      `create table measure_links (
         id integer primary key autoincrement,
         job_id integer not null references jobs (id) on delete cascade,
         secret_hash text not null unique,
         made_at text not null,
         used_at text
       ) strict`,
      "create index measure_links_by_job on measure_links (job_id)",
    ),
};
