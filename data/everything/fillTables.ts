import Database from "better-sqlite3";
import { fail, ok, type Result } from "../../core/result.ts";
import { MIGRATIONS, openDatabase } from "../db/index.ts";
import { columnsOf, type DumpedTable, tablesOf } from "./dumpTables.ts";

/** Everything of a workshop, as it was read. */
export interface Dumped {
  /** The last migration of the file it was written from. */
  readonly migration: string;
  readonly tables: readonly DumpedTable[];
  readonly files: ReadonlyMap<string, Buffer>;
}

/**
 * Makes a data file of what was written out: of the form it had then, so that it is brought up to date as any older file.
 * @returns nothing; `everything-newer`, `everything-odd`, which say what was met; nothing of a refused one is of use.
 */
export async function fillTables(file: string, { migration, tables, files }: Dumped): Promise<Result<null>> {
  const upTo = MIGRATIONS.findIndex(({ name }) => name === migration) + 1;
  if (upTo === 0)
    return fail(
      "everything-newer",
      `Expected a file of this version of Stenz or an older one, but it is of ${migration.slice(0, 40)}.`,
    );
  await (await openDatabase(file, MIGRATIONS.slice(0, upTo))).destroy();
  const db = new Database(file);
  try {
    return put(db, tables, files);
  } catch {
    return fail("everything-odd", "Expected rows as this workshop keeps them, but some do not fit.");
  } finally {
    db.close();
  }
}

function put(db: Database.Database, tables: readonly DumpedTable[], files: ReadonlyMap<string, Buffer>): Result<null> {
  const known = new Set(tablesOf(db));
  const triggers = db.prepare("select name, sql from sqlite_master where type = 'trigger'").all() as {
    name: string;
    sql: string;
  }[];
  db.pragma("foreign_keys = off");
  const odd = db.transaction((): string | null => {
    // What watches over edits was there when they were made: the rows come as they are.
    for (const { name } of triggers) db.exec(`drop trigger "${name}"`);
    for (const table of known) db.exec(`delete from "${table}"`);
    for (const { table, columns, rows } of tables) {
      if (!known.has(table)) return `the table ${table}`;
      const there = new Set(columnsOf(db, table));
      const strange = columns.find((name) => !there.has(name));
      if (strange !== undefined) return `the column ${strange} of ${table}`;
      const insert = db.prepare(
        `insert into "${table}" (${columns.map((name) => `"${name}"`).join(", ")}) values (${columns.map(() => "?").join(", ")})`,
      );
      for (const row of rows) {
        const values = row.map((value) =>
          typeof value === "object" && value !== null ? files.get(value.file) : value,
        );
        if (values.includes(undefined)) return `a file that ${table} names and that is not there`;
        insert.run(values);
      }
    }
    for (const { sql } of triggers) db.exec(sql);
    const words = db.prepare("select 1 from sqlite_master where name = 'finding_words'").get();
    if (words) db.exec("insert into finding_words (finding_words) values ('rebuild')");
    return null;
  })();
  if (odd !== null) return fail("everything-odd", `Expected what this workshop keeps, but met ${odd.slice(0, 120)}.`);
  const broken = (db.pragma("foreign_key_check") as { table: string }[])[0];
  return broken
    ? fail(
        "everything-odd",
        `Expected every record to be there, but something of ${broken.table} refers to one that is not.`,
      )
    : ok(null);
}
