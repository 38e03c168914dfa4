import Database from "better-sqlite3";
import { fail, ok, type Result } from "../../core/result.ts";
import { DamagedDataFileError, MIGRATIONS, NewerDataFileError, openDatabase } from "../db/index.ts";
import { ownFile, type TableRows } from "./ownFile.ts";
import { columnsOf, type SchemaPart, schemaOf, tablesOf, workedOutOf } from "./tables.ts";

/** Opens a data file from elsewhere to be read: nothing in it may write, or call what a stranger's schema may not. @throws where it is none. */
export function openForeign(file: string): Database.Database {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  db.pragma("trusted_schema = off");
  db.pragma("query_only = on");
  db.pragma("cell_size_check = on");
  return db;
}

/**
 * Makes a file of this version of a data file from elsewhere: the rows of the tables we know, in a file whose schema is ours. What else
 * the file holds (triggers, views, tables of its own, columns that are worked out) is left where it is, and named.
 *
 * It reads a stranger's file: run it where it can be ended.
 * @returns what was left out; `rows-odd` where the rows do not fit. @throws NewerDataFileError, DamagedDataFileError.
 */
export async function copyKnown(source: string, target: string): Promise<Result<readonly string[]>> {
  const from = openForeign(source);
  try {
    const schema = schemaOf(from);
    const real = new Set(schema.filter(({ kind }) => kind === "table").map(({ name }) => name));
    if (!real.has("knex_migrations")) throw new DamagedDataFileError();
    const migration = lastMigration(from);
    const leftOut: string[] = [];
    const made = await ownFile(target, {
      migration,
      *tables(own) {
        for (const table of tablesOf(own)) if (real.has(table)) yield rowsOf(from, own, table, leftOut);
      },
    });
    if (!made.ok) return fail(made.problem.code, made.problem.message);
    // Brought up to date, with the triggers that watch over edits: whatever is not among them by then is not ours.
    const before = partsOf(target);
    await (await openDatabase(target)).destroy();
    const known = new Set([...before, ...partsOf(target)].map(keyOf));
    leftOut.push(...schema.filter((part) => !known.has(keyOf(part))).map(({ kind, name }) => `${kind} ${name}`));
    return ok(leftOut.map((one) => one.slice(0, 120)));
  } finally {
    from.close();
  }
}

const keyOf = ({ kind, name }: Pick<SchemaPart, "kind" | "name">): string => `${kind} ${name}`;

function partsOf(file: string): SchemaPart[] {
  const db = new Database(file, { readonly: true });
  try {
    return schemaOf(db);
  } finally {
    db.close();
  }
}

/** The last migration a file has been through. @throws NewerDataFileError where it is none of ours. */
function lastMigration(db: Database.Database): string {
  const names = db.prepare("select name from knex_migrations order by name").pluck().all().map(String);
  const last = names.at(-1);
  if (last === undefined) throw new DamagedDataFileError();
  if (names.some((name) => !MIGRATIONS.some((one) => one.name === name))) throw new NewerDataFileError();
  return last;
}

/** The rows of a table that both files have, in the columns both write. */
function rowsOf(from: Database.Database, own: Database.Database, table: string, leftOut: string[]): TableRows {
  const [ours, theirs] = [new Set(columnsOf(own, table)), columnsOf(from, table)];
  const columns = theirs.filter((name) => ours.has(name));
  leftOut.push(
    ...theirs.filter((name) => !ours.has(name)).map((name) => `column ${name} of ${table}`),
    ...workedOutOf(from, table).map((name) => `worked-out column ${name} of ${table}`),
  );
  const named = columns.map((name) => `"${name.replaceAll('"', '""')}"`).join(", ");
  const rows = from.prepare(`select ${named} from "${table}"`).raw().iterate() as Iterable<unknown[]>;
  return { table, columns, rows };
}
