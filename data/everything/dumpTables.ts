import type Database from "better-sqlite3";

/** A value of a row as it is written: bytes lie in a file of their own. */
export type DumpedValue = string | number | null | { readonly file: string };

/** A table as it is written: its columns, and its rows in their order. */
export interface DumpedTable {
  readonly table: string;
  readonly columns: readonly string[];
  readonly rows: readonly (readonly DumpedValue[])[];
}

/** Bytes that stood in a row. */
export interface DumpedFile {
  readonly name: string;
  readonly bytes: Buffer;
}

/** Tables a file keeps for itself: its migrations, the index of words, SQLite's own. */
const OWN = /^(?:sqlite_|knex_|finding_words)/;

/** Every table that holds something of the workshop: one that is added is among them without a word. */
export const tablesOf = (db: Database.Database): string[] =>
  (db.prepare("select name from sqlite_master where type = 'table' order by name").pluck().all() as string[]).filter(
    (name) => !OWN.test(name),
  );

/** The columns of a table that are written to; those that follow from others are not. */
export const columnsOf = (db: Database.Database, table: string): string[] =>
  (db.pragma(`table_info("${table}")`) as { name: string }[]).map(({ name }) => name);

const ENDINGS: Readonly<Record<string, string>> = { "image/jpeg": "jpg", "image/png": "png" };

/** A table with the bytes in it. */
export function dumpTable(
  db: Database.Database,
  table: string,
): { readonly dumped: DumpedTable; readonly files: DumpedFile[] } {
  const columns = columnsOf(db, table);
  const files: DumpedFile[] = [];
  const all = db
    .prepare(`select ${columns.map((name) => `"${name}"`).join(", ")} from "${table}"`)
    .raw()
    .all() as unknown[][];
  const type = columns.indexOf("type");
  const rows = all.map((row, at) =>
    row.map((value, column): DumpedValue => {
      if (!Buffer.isBuffer(value)) return value as string | number | null;
      const name = `files/${table}-${at + 1}-${columns[column]}.${ENDINGS[String(row[type])] ?? "bin"}`;
      files.push({ name, bytes: value });
      return { file: name };
    }),
  );
  return { dumped: { table, columns, rows }, files };
}
