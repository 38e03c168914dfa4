import { readFileSync } from "node:fs";
import { join } from "node:path";
import { beforeEach, describe, expect, it } from "vitest";
import { frozenSchema } from "../../core/job/index.ts";
import { picksOf } from "../../core/workings/index.ts";
import { type JobDocument, readJobDocument } from "../../formats/job/jobDocument.ts";
import { jobSchema } from "../../formats/job/jobSchema.ts";
import { readWearerDocument, type WearerDocument } from "../../formats/job/wearerDocument.ts";
import { openStore, type Store } from "../store.ts";
import { demoInMemory } from "../testing/index.ts";
import { assertImported } from "./assertImported.ts";
import { exportJob } from "./jobExport.ts";
import { importJob } from "./jobImport.ts";
import { knownHere } from "./known.ts";
import { exportWearer, importWearer } from "./wearerFile.ts";

let store: Store;
beforeEach(async () => {
  store = await demoInMemory();
  return () => store.close();
});

const exported = async (from: Store, jobId: number): Promise<JobDocument> => {
  const document = await exportJob(from, jobId);
  if (!document) throw new Error("The job is there.");
  return document;
};

/** Without who it is: a copy says the same and is another. */
const bare = (document: JobDocument): unknown =>
  JSON.parse(JSON.stringify(document), (key, value) => (key === "identity" ? undefined : value));

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
    const imported = await elsewhere.inTransaction((all) => importJob(all, throughFile(document), "same"));
    expect(await exported(elsewhere, imported)).toEqual(document);
    await elsewhere.close();
  });

  it("can be taken over where it came from, beside itself", async () => {
    const file = throughFile(await exported(store, 7));
    const imported = await store.inTransaction((all) => importJob(all, file, "copy"));
    expect(imported).not.toBe(7);
    const copy = await exported(store, imported);
    expect(bare(copy)).toEqual(bare(await exported(store, 7)));
    expect(copy.job.identity).not.toBe(file.job.identity);
    expect(copy.wearer.identity).not.toBe(file.wearer.identity);
  });

  it("brings photos", async () => {
    const prototypes = await store.prototypes.ofJob(2);
    const [fitting] = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const bytes = new Uint8Array([137, 80, 78, 71, 0, 255]);
    const [finding] = fitting?.findings ?? [];
    await store.fittings.addPhoto(fitting?.id ?? 0, finding?.id ?? 0, { type: "image/png", bytes });
    await store.fittings.addPhoto(fitting?.id ?? 0, null, { type: "image/png", bytes: bytes.slice(1) });
    const file = throughFile(await exported(store, 2));
    const imported = await store.inTransaction((all) => importJob(all, file, "copy"));
    const [entry] = (await exported(store, imported)).prototypes[0]?.fittings ?? [];
    expect(Buffer.from(entry?.findings[0]?.photos[0]?.bytes ?? "", "base64")).toEqual(Buffer.from(bytes));
    expect(entry?.photos).toHaveLength(1);
  });

  it("has a published schema, and says what is wrong with a file", async () => {
    const published = readFileSync(join(import.meta.dirname, "../../docs/formats/job.schema.json"), "utf8");
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(jobSchema)));
    const frozen = readFileSync(join(import.meta.dirname, "../../docs/formats/frozenPlan.schema.json"), "utf8");
    expect(JSON.parse(frozen)).toEqual(JSON.parse(JSON.stringify(frozenSchema)));
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

  it("taken over twice doubles no wearer, no sheet and no cloth, and teaches once", async () => {
    const file = throughFile(await exported(store, 1));
    const count = async () => ({
      wearers: (await store.wearers.list({ search: "", page: 1 })).total,
      cloths: (await store.cloths.list({ search: "", page: 1 })).total,
      sheets: (await store.sheets.ofWearer(1)).length,
      outcomes: (await store.fittings.outcomesIn({ from: 0, to: 9 })).length,
    });
    const before = await count();
    expect(await knownHere(store, file)).toMatchObject({ job: { id: 1 }, wearer: { name: "Ilva Thornbeck" } });
    const imported = await store.inTransaction((all) => importJob(all, file, "same"));
    expect(await count()).toEqual(before);
    expect((await store.jobs.find(imported))?.wearerId).toBe(1);
    expect(await store.inTransaction((all) => assertImported(all, imported, file))).toEqual({ ok: true, value: null });
  });

  it("is held against its file once it is taken over: what would be lost is named", async () => {
    const file = throughFile(await exported(store, 1));
    const imported = await store.inTransaction((all) => importJob(all, file, "copy"));
    const more = { ...file, job: { ...file.job, hemMm: 20 } } as JobDocument;
    expect(await store.inTransaction((all) => assertImported(all, imported, more))).toMatchObject({
      ok: false,
      problem: { code: "job-not-whole", message: expect.stringContaining("/job/hemMm") },
    });
  });

  it("of an older version opens: without identities, wraps, changes in parts and lengths as sewn", async () => {
    const document = JSON.parse(JSON.stringify(await exported(store, 1)), (key, value) =>
      ["identity", "wraps", "parts", "sewnLengths", "struck", "directionWas"].includes(key) ? undefined : value,
    );
    for (const change of document.changes) delete change.strain;
    for (const prototype of document.prototypes) {
      prototype.frozen.format = 1;
      delete prototype.pieces;
    }
    const read = readJobDocument(document);
    if (!read.ok) throw new Error(read.problem.message);
    const imported = await store.inTransaction((all) => importJob(all, read.value, "copy"));
    expect(await store.inTransaction((all) => assertImported(all, imported, read.value))).toMatchObject({ ok: true });
  });

  it("brings the pieces of its prototypes along, changes and all", async () => {
    const document = await exported(store, 7);
    expect(document.prototypes.map(({ pieces }) => pieces.map(({ pieces: { from } }) => from))).toEqual([
      ["plan"],
      ["before"],
      ["before"],
      ["before"],
    ]);
    const told = (pieces: object) =>
      readJobDocument({
        ...document,
        prototypes: document.prototypes.map((one) => ({ ...one, pieces: [pieces, pieces] })),
      });
    expect(told(document.prototypes[0]?.pieces[0] ?? {})).toMatchObject({
      ok: false,
      problem: { code: "job-document-broken", message: expect.stringMatching(/once a recipe/) },
    });
    const damaged = { format: 1, pieces: { id: "briefPieces", from: "plan", steps: [], draft: { recipe: "brief" } } };
    expect(told(damaged)).toMatchObject({ ok: false, problem: { code: "job-document-invalid" } });
  });

  it("that names an elastic, a wrap or a layer it does not bring is refused", async () => {
    const wired = throughFile(await exported(store, 6));
    const elastics = wired.workings.flatMap(({ id, working }) => picksOf(id, working).map((picked) => picked.id));
    const without = { ...wired, cloths: wired.cloths.filter(({ id }) => !elastics.includes(id)) };
    expect(elastics.length).toBeGreaterThan(0);
    expect(readJobDocument(without)).toMatchObject({
      ok: false,
      problem: { code: "job-document-broken", message: expect.stringMatching(/^Expected cloth \d+ in the file/) },
    });
    const layered = JSON.parse(JSON.stringify(await exported(store, 1)));
    layered.prototypes[0].frozen.layers[0].clothId = 77;
    expect(readJobDocument(layered)).toMatchObject({ problem: { message: expect.stringContaining("cloth 77") } });
  });
});

describe("a job that was deleted", () => {
  it("is out of sight with its findings, comes back whole, and is erased for good a day later", async () => {
    const before = await exported(store, 1);
    const all = async () => (await store.searchFindings({ words: "", kind: null, spot: null, usable: null })).total;
    const found = await all();
    await store.inTransaction(({ jobs }) => jobs.remove(1, "2026-11-25T10:00:00.000Z"));
    expect(await store.jobs.find(1)).toBeNull();
    expect(await all()).toBeLessThan(found);
    expect(await store.eraseRemovedJobs("2026-11-25T09:00:00.000Z")).toBe(0);
    await store.inTransaction(({ jobs }) => jobs.restore(1));
    expect(await exported(store, 1)).toEqual(before);
    await store.inTransaction(({ jobs }) => jobs.remove(1, "2026-11-25T10:00:00.000Z"));
    expect(await store.jobs.wasErased(1)).toBe(false);
    expect(await store.eraseRemovedJobs("2026-11-26T11:00:00.000Z")).toBe(1);
    expect([await store.jobs.wasErased(1), await store.jobs.wasErased(2), await store.jobs.wasErased(999)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(await store.jobs.removed()).toEqual([]);
    expect(await store.prototypes.ofJob(1)).toEqual([]);
  });
});

describe("everything about a wearer as a file", () => {
  const ofWearer = async (from: Store, wearerId: number): Promise<WearerDocument> => {
    const document = await exportWearer(from, wearerId);
    const read = readWearerDocument(JSON.parse(JSON.stringify(document)));
    if (!read.ok) throw new Error(read.problem.message);
    return read.value;
  };

  it.each([1, 2, 3, 5])("comes back in whole elsewhere: wearer %d of the demo", async (wearerId) => {
    const document = await ofWearer(store, wearerId);
    const elsewhere = await openStore(":memory:");
    const taken = await elsewhere.inTransaction((all) => importWearer(all, document, "same"));
    if (!taken.ok) throw new Error(taken.problem.message);
    expect(await ofWearer(elsewhere, taken.value.wearerId)).toEqual(document);
    await elsewhere.close();
  });

  it("brings nothing twice where the wearer is the same", async () => {
    const document = await ofWearer(store, 1);
    const taken = await store.inTransaction((all) => importWearer(all, document, "same"));
    expect(taken).toEqual({ ok: true, value: { wearerId: 1, jobs: [] } });
    expect(await ofWearer(store, 1)).toEqual(document);
  });

  it("that names a cloth it does not bring is refused", async () => {
    const document = await ofWearer(store, 1);
    const read = readWearerDocument({ ...document, cloths: [] });
    expect(document.likedGarments.some(({ clothId }) => clothId !== null)).toBe(true);
    expect(read).toMatchObject({ ok: false, problem: { code: "wearer-document-broken" } });
  });
});
