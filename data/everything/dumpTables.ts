import type Database from "better-sqlite3";
import { columnsOf } from "../rows/index.ts";

/** A value of a row as it is written: bytes lie in a file of their own. */
export type DumpedValue = string | number | null | { readonly file: string };

/** A table as it is written: its columns, and its rows in their order. */
export interface DumpedTable {
  readonly table: string;
  readonly columns: readonly string[];
  readonly rows: readonly (readonly DumpedValue[])[];
}

/** Bytes that stand in a row: they are read when they are asked for, since those of years come to more than memory holds. */
export interface DumpedFile {
  readonly name: string;
  bytes(): Buffer;
}

const ENDINGS: Readonly<Record<string, string>> = { "image/jpeg": "jpg", "image/png": "png" };

/** The columns of a table, with those that hold bytes in any row. */
function shapeOf(db: Database.Database, table: string) {
  const columns = columnsOf(db, table);
  const holdsBytes = (name: string): boolean =>
    db.prepare(`select 1 from "${table}" where typeof("${name}") = 'blob' limit 1`).get() !== undefined;
  return { columns, bytes: new Set(columns.filter(holdsBytes)) };
}

/** Where the bytes of a row are written: its place in the order of the table names it. */
const fileNameOf = (table: string, at: number, column: string, type: unknown): string =>
  `files/${table}-${at + 1}-${column}.${ENDINGS[String(type)] ?? "bin"}`;

/** A table without its bytes, which lie in files of their own. */
export function dumpTable(db: Database.Database, table: string): DumpedTable {
  const { columns, bytes } = shapeOf(db, table);
  // Bytes themselves are not read: only that there are some.
  const asked = columns.map((name) =>
    bytes.has(name) ? `case typeof("${name}") when 'blob' then x'' else "${name}" end` : `"${name}"`,
  );
  const type = columns.indexOf("type");
  const all = db
    .prepare(`select ${asked.join(", ")} from "${table}"`)
    .raw()
    .all() as unknown[][];
  const rows = all.map((row, at) =>
    row.map(
      (value, column): DumpedValue =>
        Buffer.isBuffer(value)
          ? { file: fileNameOf(table, at, columns[column] ?? "", row[type]) }
          : (value as string | number | null),
    ),
  );
  return { table, columns, rows };
}

/** The bytes of a table, row by row. */
export function* filesOf(db: Database.Database, table: string): Generator<DumpedFile> {
  const { columns, bytes } = shapeOf(db, table);
  if (bytes.size === 0) return;
  const type = columns.includes("type") ? '"type"' : "null";
  for (const column of bytes) {
    const held = db.prepare(`select typeof("${column}") = 'blob', ${type} from "${table}"`).raw().all() as unknown[][];
    const one = db.prepare(`select "${column}" from "${table}" limit 1 offset ?`).pluck();
    for (const [at, [isBytes, kind]] of held.entries())
      if (isBytes) yield { name: fileNameOf(table, at, column, kind), bytes: () => one.get(at) as Buffer };
  }
}
