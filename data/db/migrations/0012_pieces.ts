import { type Migration, statements } from "./migration.ts";

/** Pieces a prototype was cut from, one set a recipe: written once, when it is started or given them. */
export const pieces: Migration = {
  name: "0012_pieces",
  up: (db) =>
    statements(
      db,
      `create table prototype_pieces (
        id integer primary key,
        prototype_id integer not null references prototypes (id) on delete cascade,
        kind text not null,
        format integer not null,
        content text not null,
        unique (prototype_id, kind)
      ) strict`,
    ),
};
