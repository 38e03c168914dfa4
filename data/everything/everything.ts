import { mkdirSync, mkdtempSync, rmSync } from "node:fs";
import { dirname, join } from "node:path";
import type Database from "better-sqlite3";
import { type Static, Type } from "typebox";
import { fail, ok, type Result } from "../../core/result.ts";
import { writeCsv } from "../../formats/csv.ts";
import { readJson } from "../../formats/json.ts";
import { validator } from "../../formats/validation.ts";
import { readZip } from "../../formats/zip/readZip.ts";
import { ownFile, tablesOf } from "../rows/index.ts";
import { type DumpedTable, dumpTable, filesOf } from "./dumpTables.ts";

/** What says that a ZIP holds everything of a workshop. */
const MANIFEST = Type.Object({
  format: Type.Literal("stenz.everything"),
  version: Type.Literal(1),
  migration: Type.String({ maxLength: 80 }),
  madeAt: Type.String({ maxLength: 40 }),
});

const value = Type.Union([
  Type.String(),
  Type.Number(),
  Type.Null(),
  Type.Object({ file: Type.String({ maxLength: 200 }) }),
]);
const TABLE = Type.Object({
  table: Type.String({ pattern: "^[a-z_]{1,60}$" }),
  columns: Type.Array(Type.String({ pattern: "^[a-z0-9_]{1,60}$" }), { minItems: 1, maxItems: 200 }),
  rows: Type.Array(Type.Array(value)),
});

const readManifest = validator(MANIFEST);
const readTable = validator(TABLE);

/** One file of what goes out; what it holds is made when it is asked for. */
export interface OutFile {
  readonly name: string;
  content(): Buffer | string | Promise<Buffer | string>;
}

/** The tables of a data file nobody writes to, as files of open formats. The file is read until the last of them was asked for. */
export function* tableFiles(db: Database.Database, madeAt: Date): Generator<OutFile> {
  const migration = String(db.prepare("select name from knex_migrations order by name desc limit 1").pluck().get());
  const manifest: Static<typeof MANIFEST> = {
    format: "stenz.everything",
    version: 1,
    migration,
    madeAt: madeAt.toISOString(),
  };
  yield { name: "manifest.json", content: () => JSON.stringify(manifest, null, 1) };
  for (const table of tablesOf(db)) {
    yield { name: `tables/${table}.json`, content: () => JSON.stringify(dumpTable(db, table)) };
    yield { name: `tables/${table}.csv`, content: () => csvOf(dumpTable(db, table)) };
    for (const { name, bytes } of filesOf(db, table)) yield { name, content: bytes };
  }
}

/** A table for a table program: nothing where nothing stands, and the name of a file where bytes do. */
function csvOf({ columns, rows }: DumpedTable): string {
  const cell = (value: DumpedTable["rows"][number][number]) =>
    value === null ? "" : typeof value === "object" ? value.file : value;
  return writeCsv([[...columns], ...rows.map((row) => row.map(cell))], { newline: "\r\n" });
}

/**
 * Makes a data file of a ZIP that holds everything of a workshop; the data file of now is not touched.
 * @returns it, in a folder of its own beside the data file; `everything-none`, or what the ZIP or its rows are refused with.
 */
export async function fileOfEverything(dataFile: string, zip: string | Buffer): Promise<Result<string>> {
  const tables: DumpedTable[] = [];
  const files = new Map<string, Buffer>();
  let manifest: Static<typeof MANIFEST> | null = null;
  const read = await readZip(zip, ({ name, content }) => {
    if (name.startsWith("files/")) files.set(name, content);
    if (name !== "manifest.json" && !/^tables\/[a-z_]+\.json$/.test(name)) return ok(null);
    const document = readJson(content.toString("utf8"));
    if (!document.ok) return fail("everything-odd", `${name}: ${document.problem.message}`);
    if (name === "manifest.json") {
      const known = readManifest(document.value);
      if (!known.ok) return fail("everything-none", `Expected everything of a workshop: ${known.problem.message}`);
      manifest = known.value;
      return ok(null);
    }
    const table = readTable(document.value);
    if (!table.ok) return fail("everything-odd", `${name}: ${table.problem.message}`);
    tables.push(table.value as DumpedTable);
    return ok(null);
  });
  if (!read.ok) return read;
  if (manifest === null)
    return fail("everything-none", "Expected everything of a workshop, but there is no manifest.json in this ZIP.");
  const folder = join(dirname(dataFile), ".everything-restore");
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(mkdtempSync(join(folder, "in-")), "stenz.sqlite");
  const filled = await ownFile(file, {
    migration: (manifest as Static<typeof MANIFEST>).migration,
    tables: () => tables.map((table) => ({ ...table, rows: rowsWith(files, table) })),
  });
  if (filled.ok) return ok(file);
  rmSync(dirname(file), { recursive: true, force: true });
  return filled;
}

/** The rows of a table with the bytes its files have; what names none that is there is undefined. */
function* rowsWith(files: ReadonlyMap<string, Buffer>, { rows }: DumpedTable): Generator<unknown[]> {
  for (const row of rows)
    yield row.map((value) => (typeof value === "object" && value !== null ? files.get(value.file) : value));
}
