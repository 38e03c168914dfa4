/** `npm run restore -- FILE`: shows what a backup would change, and with --yes puts it in the place of the data file. */

import { resolve } from "node:path";
import { createInterface } from "node:readline/promises";
import { type Counts, dropReadied, type Holding, isSealed, putReadied, readyBackup } from "../data/backup/index.ts";
import { DataFileError, openDatabase } from "../data/db/index.ts";
import { end, readDataOptions } from "./dataOptions.ts";

const { dataFile, words, yes } = readDataOptions(`npm run restore -- FILE [--yes] [--data DIR]
Shows what the workshop would become; with --yes it becomes so. The present data file is kept aside.
A sealed backup asks for its passphrase; it may come from STENZ_PASSPHRASE.`);
const [named] = words;
if (named === undefined || words.length > 1) end("Expected one file to restore: npm run restore -- FILE", 2);

const backup = resolve(process.env.INIT_CWD ?? process.cwd(), named);
const passphrase = isSealed(backup) ? await askPassphrase() : "";
const readied = await readyBackup({ dataFile, backup, passphrase });
if (!readied.ok) end(readied.problem.message);
const { file, holding, now } = readied.value;
process.on("exit", () => dropReadied(file));
tell(now, holding);
if (!yes) console.log("Nothing was changed. Run it again with --yes to restore this backup.");
else
  try {
    await assertNobodyHolds();
    const aside = putReadied(dataFile, file, new Date());
    console.log(`Restored ${dataFile}.${aside ? ` What was there before is kept as ${aside}.` : ""}`);
  } catch (cause) {
    if (!(cause instanceof DataFileError)) throw cause;
    end(cause.code === "data-file-in-use" ? `${dataFile} is in use: stop Stenz first.` : cause.message);
  }

/** A running server would go on writing into the file that was put aside. What is damaged is held by nobody. */
async function assertNobodyHolds(): Promise<void> {
  const { existsSync } = await import("node:fs");
  if (!existsSync(dataFile)) return;
  try {
    await (await openDatabase(dataFile)).destroy();
  } catch (cause) {
    if (cause instanceof DataFileError && cause.code !== "data-file-in-use") return;
    throw cause;
  }
}

async function askPassphrase(): Promise<string> {
  if (process.env.STENZ_PASSPHRASE !== undefined) return process.env.STENZ_PASSPHRASE;
  const asking = createInterface({ input: process.stdin, output: process.stderr });
  const answer = await asking.question("Passphrase it was sealed with: ");
  asking.close();
  return answer;
}

/** Counts by kind, now and then, and what was written last in both. */
function tell(now: Holding | null, then: Holding): void {
  console.log("              now   backup");
  for (const kind of Object.keys(then.counts) as (keyof Counts)[])
    console.log(
      `${kind.padEnd(12)}${String(now?.counts[kind] ?? "–").padStart(5)}${String(then.counts[kind]).padStart(9)}`,
    );
  const newest = ({ newest: all }: Holding) => all.slice(0, 3).map(({ what, at }) => `${what} (${at.slice(0, 16)})`);
  if (now) console.log(`Written last now: ${newest(now).join("; ") || "nothing"}`);
  console.log(`Written last in the backup: ${newest(then).join("; ") || "nothing"}`);
}
