import type { Knex } from "knex";
import { newSecret } from "./secret.ts";

/** Setting that holds the mark of pages that browsers keep; absent until something was first taken away. */
const MARK = "keptPages";

/**
 * The mark of the pages that browsers keep of this file: once it is another, none of those made before may stand anywhere. Empty where
 * nothing was ever taken away.
 */
export async function markOfKeptPages(db: Knex): Promise<string> {
  const row = await db("settings").where({ name: MARK }).first("value");
  return String(row?.value ?? "");
}

/** Has browsers forget the pages they keep, each at its next answer: something was erased, or another file is in place. */
export async function renewKeptPages(db: Knex): Promise<void> {
  await db("settings")
    .insert({ name: MARK, value: newSecret(12) })
    .onConflict("name")
    .merge();
}
