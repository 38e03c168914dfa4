import type { Knex } from "knex";

/** What became of an edit: saved, refused because somebody saved a newer one, or too late because the row is gone. */
export type SaveOutcome<T> =
  | { readonly saved: true; readonly value: T }
  | { readonly saved: false; readonly theirs: T | null };

/**
 * The value of a save that nothing can stand against: its row was just made, in the same transaction.
 * @throws Error where it was refused all the same.
 */
export function savedOrThrow<T>(outcome: SaveOutcome<T>): T {
  if (!outcome.saved) throw new Error("A row that was just made is there to be saved.");
  return outcome.value;
}

/**
 * Updates a row only if it still has the version the edit started from, and raises that version.
 * @returns true when the row was updated.
 */
export async function updateVersion(
  db: Knex,
  table: string,
  { id, version }: { id: number; version: number },
  columns: Record<string, unknown>,
): Promise<boolean> {
  const touched = await db(table)
    .where({ id, version })
    .update({ ...columns, version: version + 1 });
  return touched === 1;
}

/** Inserts a row and gives its id, which no row of that table had before: not even one that was erased. */
export async function insertRow(db: Knex, table: string, columns: Record<string, unknown>): Promise<number> {
  const spent = await db("spent_numbers").where({ name: table }).first("highest");
  const [id] = await db(table).insert(spent ? { id: await nextNumber(db, table, spent.highest), ...columns } : columns);
  return Number(id);
}

/** SQLite itself goes on from the highest number that is still there. */
async function nextNumber(db: Knex, table: string, spent: number): Promise<number> {
  const there = await db(table).max({ highest: "id" }).first();
  return Math.max(spent, Number(there?.highest ?? 0)) + 1;
}

/** SQLite takes a limited number of bound values at a time. */
const ROWS_AT_A_TIME = 100;

/** Inserts any number of rows, none included. */
export async function insertAll(db: Knex, table: string, rows: readonly object[]): Promise<void> {
  for (let from = 0; from < rows.length; from += ROWS_AT_A_TIME) {
    await db(table).insert(rows.slice(from, from + ROWS_AT_A_TIME));
  }
}
