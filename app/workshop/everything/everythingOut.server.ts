import { copyFileSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { Readable } from "node:stream";
import Database from "better-sqlite3";
import { ZipFile } from "yazl";
import { USUAL_RULE } from "../../../data/backup/index.ts";
import { type OutFile, tableFiles } from "../../../data/everything/index.ts";
import { openStore, type Store } from "../../../data/store.ts";
import { exportJob, exportWearer } from "../../../data/transfer/index.ts";
import { fittingRecordPdf } from "../../../formats/pdf/fittingRecordPdf.ts";
import { fileName } from "../../.server/http/download.ts";
import { everyRow } from "../../.server/read/everyRow.ts";
import { readJob } from "../../.server/read/jobRecord.ts";

const README = `Everything of a workshop, as Stenz writes it out.

manifest.json   what this is, and of which form
tables/         every table of the data file: as JSON its columns, and its rows in their order; as CSV for a table program
files/          what stands in the tables as bytes: photos
wearers/        every wearer with sheets, wraps and garments, as a document of its own (stenz.wearer)
jobs/           every job whole (stenz.job), and its fitting record as PDF

It holds measures of bodies: keep it as you would keep those.
`;

/**
 * Everything of a workshop as one ZIP, from a copy that was taken at once: nothing in it is of two moments. Each file is made when its turn
 * comes, so that no more than one is held.
 * @returns it as a stream; what it was made from is gone when that has ended.
 */
export async function everythingZip(store: Store, now: Date): Promise<Readable> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-everything-"));
  const opened: (() => unknown)[] = [];
  const gone = async () => {
    for (const close of opened.splice(0)) await close();
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    const taken = await store.backup(folder, USUAL_RULE, now);
    if (!taken.ok) throw new Error(taken.problem.message);
    const copy = join(folder, taken.value.file.name);
    // Opened by Stenz it is held for itself, and what it is written from is to be read beside it.
    const tables = join(folder, "tables.sqlite");
    copyFileSync(copy, tables);
    const db = new Database(tables, { readonly: true });
    opened.push(() => db.close());
    const still = await openStore(copy);
    opened.push(() => still.close());
    const zip = new ZipFile();
    for (const file of tableFiles(db, now)) addLazily(zip, file, now);
    for await (const file of documentsOf(still)) addLazily(zip, file, now);
    zip.addBuffer(Buffer.from(README), "README.txt", { mtime: now, mode: OWNER_ONLY });
    zip.end();
    // One of our own: it ends with a failure where a file could not be made, and is given up where whoever asked for it went.
    const out = Readable.from(zip.outputStream);
    zip.on("error", (cause: Error) => out.destroy(cause));
    out.once("close", () => void gone());
    return out;
  } catch (cause) {
    await gone();
    throw cause;
  }
}

const OWNER_ONLY = 0o600;

function addLazily(zip: ZipFile, { name, content }: OutFile, now: Date): void {
  zip.addReadStreamLazy(name, { mtime: now, mode: OWNER_ONLY }, (give) => {
    Promise.resolve()
      .then(content)
      .then(
        (made) => give(null, Readable.from([Buffer.from(made)])),
        (cause: unknown) => give(cause, Readable.from([])),
      );
  });
}

/** Every wearer and job as a document, and every record as it is printed. */
async function* documentsOf(store: Store): AsyncGenerator<OutFile> {
  for await (const { id, name } of everyRow((page) => store.wearers.list({ search: "", page })))
    yield {
      name: `wearers/${fileName(`${id} ${name}`, "json")}`,
      content: async () => JSON.stringify(await exportWearer(store, id), null, 1),
    };
  for await (const { id, name } of everyRow((page) => store.jobs.list({ search: "", page }))) {
    const words = `${id} ${name}`;
    yield {
      name: `jobs/${fileName(words, "json")}`,
      content: async () => JSON.stringify(await exportJob(store, id), null, 1),
    };
    yield { name: `jobs/${fileName(words, "pdf")}`, content: () => recordOf(store, id, name) };
  }
}

/** The fitting record of a job, on paper. */
async function recordOf(store: Store, id: number, name: string): Promise<Buffer> {
  const { value: workshop } = await store.settings.find("workshopName");
  const { wearer, prototypes, fittings } = await readJob(store, id);
  const record = { jobName: name, wearerName: wearer.name, workshop: workshop ?? "", prototypes, fittings };
  return Buffer.from(await fittingRecordPdf(record, { unit: "cm", inchStep: 8, paper: "A4" }));
}

/** The folder a file was made in goes with it. */
export const dropFolderOf = (file: string): void => rmSync(dirname(file), { recursive: true, force: true });
