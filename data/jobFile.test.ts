import { readFileSync } from "node:fs";
import { join } from "node:path";
import { beforeEach, describe, expect, it } from "vitest";
import { type JobDocument, readJobDocument } from "../formats/jobs/jobDocument.ts";
import { jobSchema } from "../formats/jobs/jobSchema.ts";
import { addDemoWorkshop } from "./demo/index.ts";
import { exportJob } from "./jobExport.ts";
import { importJob } from "./jobImport.ts";
import { openStore, type Store } from "./store.ts";

let store: Store;
beforeEach(async () => {
  store = await openStore(":memory:");
  await addDemoWorkshop(store);
  return () => store.close();
});

const exported = async (from: Store, jobId: number): Promise<JobDocument> => {
  const document = await exportJob(from, jobId);
  if (!document) throw new Error("The job is there.");
  return document;
};

/** Through the file: what is written and read again. */
function throughFile(document: JobDocument): JobDocument {
  const read = readJobDocument(JSON.parse(JSON.stringify(document)));
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
}

describe("a job as a file", () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])("gives the same job elsewhere: job %d of the demo", async (jobId) => {
    const document = await exported(store, jobId);
    const elsewhere = await openStore(":memory:");
    // Other ids there than here.
    await elsewhere.wearers.add({ name: "Somebody", kind: "form", child: false, allergies: "", notes: "" });
    const imported = await elsewhere.inTransaction((all) => importJob(all, throughFile(document)));
    expect(await exported(elsewhere, imported)).toEqual(document);
    await elsewhere.close();
  });

  it("can be taken over where it came from, beside itself", async () => {
    const file = throughFile(await exported(store, 7));
    const imported = await store.inTransaction((all) => importJob(all, file));
    expect(imported).not.toBe(7);
    expect(await exported(store, imported)).toEqual(await exported(store, 7));
  });

  it("brings photos", async () => {
    const prototypes = await store.prototypes.ofJob(2);
    const [fitting] = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const bytes = new Uint8Array([137, 80, 78, 71, 0, 255]);
    const [finding] = fitting?.findings ?? [];
    await store.fittings.addPhoto(fitting?.id ?? 0, finding?.id ?? 0, { type: "image/png", bytes });
    await store.fittings.addPhoto(fitting?.id ?? 0, null, { type: "image/png", bytes: bytes.slice(1) });
    const file = throughFile(await exported(store, 2));
    const imported = await store.inTransaction((all) => importJob(all, file));
    const [entry] = (await exported(store, imported)).prototypes[0]?.fittings ?? [];
    expect(Buffer.from(entry?.findings[0]?.photos[0]?.bytes ?? "", "base64")).toEqual(Buffer.from(bytes));
    expect(entry?.photos).toHaveLength(1);
  });

  it("has a published schema, and says what is wrong with a file", async () => {
    const published = readFileSync(join(import.meta.dirname, "../docs/formats/job.schema.json"), "utf8");
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(jobSchema)));
    const document = await exported(store, 7);
    const wrong = (own: object) => {
      const read = readJobDocument({ ...document, ...own });
      return read.ok ? "" : read.problem.message;
    };
    expect(wrong({ format: "other" })).toMatch(/^Expected format /);
    expect(wrong({ job: { ...document.job, clothId: 99 } })).toBe(
      "Expected cloth 99 in the file, but it is not there.",
    );
    expect(wrong({ job: { ...document.job, styleId: "own-1" } })).toMatch(/style that ships with Stenz/);
    expect(wrong({ prototypes: document.prototypes.slice(1) })).toMatch(/not there|numbered from 1/);
    expect(wrong({ changes: document.changes.map((change) => ({ ...change, on: "sleeve" })) })).toMatch(
      /to be one of girth/,
    );
    expect(await exportJob(store, 999)).toBeNull();
  });
});
