import { type Migration, statements } from "./migration.ts";

/** Changes that lay a curve traced on the body over an edge of a piece. */
export const traced: Migration = {
  name: "0013_traced",
  up: (db) => statements(db, "alter table changes add column traced text"),
};
