import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { ZipFile } from "yazl";
import { USUAL_RULE } from "../../../data/backup/index.ts";
import { type OutFile, tableFiles } from "../../../data/everything/index.ts";
import { openStore, type Store } from "../../../data/store.ts";
import { exportJob, exportWearer } from "../../../data/transfer/index.ts";
import { fittingRecordPdf } from "../../../formats/pdf/fittingRecordPdf.ts";
import { fileName } from "../../.server/http/download.ts";
import { readJob } from "../../.server/read/jobRecord.ts";

const README = `Everything of a workshop, as Stenz writes it out.

manifest.json   what this is, and of which form
tables/         every table of the data file as JSON: its columns, and its rows in their order
files/          what stands in the tables as bytes: photos
wearers/        every wearer with sheets, wraps and garments, as a document of its own (stenz.wearer)
jobs/           every job whole (stenz.job), and its fitting record as PDF

It holds measures of bodies: keep it as you would keep those.
`;

/**
 * Everything of a workshop as one ZIP, from a copy that was taken at once: nothing in it is of two moments.
 * @returns it as a stream; what it was made from is gone when that has ended.
 */
export async function everythingZip(store: Store, now: Date): Promise<NodeJS.ReadableStream> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-everything-"));
  const gone = () => rmSync(folder, { recursive: true, force: true });
  try {
    const taken = await store.backup(folder, USUAL_RULE, now);
    if (!taken.ok) throw new Error(taken.problem.message);
    const copy = join(folder, taken.value.file.name);
    const zip = new ZipFile();
    const add = ({ name, content }: OutFile) => zip.addBuffer(Buffer.from(content), name, { mtime: now, mode: 0o600 });
    add({ name: "README.txt", content: README });
    for (const file of tableFiles(copy, now)) add(file);
    const still = await openStore(copy);
    for await (const file of documentsOf(still)) add(file);
    await still.close();
    zip.end();
    zip.outputStream.once("close", gone).once("end", gone).once("error", gone);
    return zip.outputStream;
  } catch (cause) {
    gone();
    throw cause;
  }
}

/** Every wearer and job as a document, and every record as it is printed. */
async function* documentsOf(store: Store): AsyncGenerator<OutFile> {
  const { value: workshop } = await store.settings.find("workshopName");
  for (let page = 1; ; page += 1) {
    const { rows, pageCount } = await store.wearers.list({ search: "", page });
    for (const { id, name } of rows)
      yield {
        name: `wearers/${fileName(`${id} ${name}`, "json")}`,
        content: JSON.stringify(await exportWearer(store, id), null, 1),
      };
    if (page >= pageCount) break;
  }
  for (let page = 1; ; page += 1) {
    const { rows, pageCount } = await store.jobs.list({ search: "", page });
    for (const { id, name } of rows) {
      const words = `${id} ${name}`;
      yield { name: `jobs/${fileName(words, "json")}`, content: JSON.stringify(await exportJob(store, id), null, 1) };
      const { wearer, prototypes, fittings } = await readJob(store, id);
      const record = { jobName: name, wearerName: wearer.name, workshop: workshop ?? "", prototypes, fittings };
      const pdf = await fittingRecordPdf(record, { unit: "cm", inchStep: 8, paper: "A4" });
      yield { name: `jobs/${fileName(words, "pdf")}`, content: Buffer.from(pdf) };
    }
    if (page >= pageCount) break;
  }
}

/** The folder a file was made in goes with it. */
export const dropFolderOf = (file: string): void => rmSync(dirname(file), { recursive: true, force: true });
