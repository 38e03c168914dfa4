import Database from "better-sqlite3";
import { fail, ok, type Result } from "../../core/result.ts";
import { MIGRATIONS, openDatabase } from "../db/index.ts";
import { columnsOf, schemaOf, tablesOf } from "./tables.ts";

/** Rows of a table, as they are to stand in a file; bytes that could not be had are undefined. */
export interface TableRows {
  readonly table: string;
  readonly columns: readonly string[];
  readonly rows: Iterable<readonly unknown[]>;
}

/** What a file is to hold. */
export interface Rows {
  /** The last migration of the file they come from. */
  readonly migration: string;
  /** Its tables; asked for with those that such a file has. */
  tables(known: Database.Database): Iterable<TableRows>;
}

/**
 * Makes a data file of rows: of the form they had then, so that it is brought up to date as any older file. Its tables, views and triggers
 * are ours, whatever the rows come from.
 * @returns nothing; `rows-newer`, `rows-odd`, which say what was met; nothing of a refused one is of use.
 */
export async function ownFile(file: string, { migration, tables }: Rows): Promise<Result<null>> {
  const upTo = MIGRATIONS.findIndex(({ name }) => name === migration) + 1;
  if (upTo === 0)
    return fail(
      "rows-newer",
      `Expected a file of this version of Stenz or an older one, but it is of ${migration.slice(0, 40)}.`,
    );
  await (await openDatabase(file, MIGRATIONS.slice(0, upTo))).destroy();
  const db = new Database(file);
  try {
    return put(db, tables(db));
  } catch {
    return fail("rows-odd", "Expected rows as this workshop keeps them, but some do not fit.");
  } finally {
    db.close();
  }
}

function put(db: Database.Database, tables: Iterable<TableRows>): Result<null> {
  const known = new Set(tablesOf(db));
  const triggers = schemaOf(db).filter(({ kind }) => kind === "trigger");
  db.pragma("foreign_keys = off");
  const odd = db.transaction((): string | null => {
    // What watches over edits was there when they were made: the rows come as they are.
    for (const { name } of triggers) db.exec(`drop trigger "${name}"`);
    for (const table of known) db.exec(`delete from "${table}"`);
    for (const one of tables) {
      const strange = putTable(db, known, one);
      if (strange !== null) return strange;
    }
    for (const { sql } of triggers) db.exec(sql);
    const words = db.prepare("select 1 from sqlite_master where name = 'finding_words'").get();
    if (words) db.exec("insert into finding_words (finding_words) values ('rebuild')");
    return null;
  })();
  if (odd !== null) return fail("rows-odd", `Expected what this workshop keeps, but met ${odd.slice(0, 120)}.`);
  const broken = (db.pragma("foreign_key_check") as { table: string }[])[0];
  return broken
    ? fail("rows-odd", `Expected every record to be there, but something of ${broken.table} refers to one that is not.`)
    : ok(null);
}

/** Puts the rows of a table in. @returns what it met that no such file has; null where nothing. */
function putTable(db: Database.Database, known: ReadonlySet<string>, { table, columns, rows }: TableRows) {
  if (!known.has(table)) return `the table ${table}`;
  const there = new Set(columnsOf(db, table));
  const strange = columns.find((name) => !there.has(name));
  if (strange !== undefined) return `the column ${strange} of ${table}`;
  const insert = db.prepare(
    `insert into "${table}" (${columns.map((name) => `"${name}"`).join(", ")}) values (${columns.map(() => "?").join(", ")})`,
  );
  for (const row of rows) {
    if (row.includes(undefined)) return `a file that ${table} names and that is not there`;
    insert.run(row);
  }
  return null;
}
