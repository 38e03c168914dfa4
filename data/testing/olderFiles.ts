import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliDecompressSync } from "node:zlib";
import { temporaryFolder } from "./temporaryStore.ts";

const FOLDER = join(import.meta.dirname, "older");

const named = (ending: string): string[] =>
  readdirSync(FOLDER)
    .filter((name) => name.endsWith(ending))
    .map((name) => name.slice(0, -ending.length))
    .toSorted();

const unpacked = (name: string): Buffer => brotliDecompressSync(readFileSync(join(FOLDER, name)));

/** Versions whose data file is kept, by the number of their last migration. */
export const OLDER_DATA_FILES: readonly string[] = named(".sqlite.br");

/** Versions whose jobs are kept as files. */
export const OLDER_JOB_FILES: readonly string[] = named(".jobs.json.br");

/** A copy of an older data file, gone when the test is. */
export function olderDataFile(version: string): string {
  const file = join(temporaryFolder(), `${version}.sqlite`);
  writeFileSync(file, unpacked(`${version}.sqlite.br`));
  return file;
}

/** The jobs of the demo as an older version wrote them to files. */
export const olderJobFiles = (version: string): unknown[] =>
  JSON.parse(unpacked(`${version}.jobs.json.br`).toString("utf8"));
