import type { Knex } from "knex";

/** One step of the data file's structure. Only forward: an older program refuses a newer file. */
export interface Migration {
  /** Four digits and a name, contiguous from 0001. */
  readonly name: string;
  up(db: Knex): Promise<void>;
}

/** Runs several statements in order; SQLite takes one at a time. */
export async function statements(db: Knex, ...all: readonly string[]): Promise<void> {
  for (const statement of all) await db.raw(statement);
}
