import { ownStyleId } from "../core/ease/styles/ownStyle.ts";
import type { Job } from "../core/job/job.ts";
import type { FittingEntry, JobDocument, PrototypeEntry } from "../formats/jobs/jobDocument.ts";
import { mapFrozen, mapWorking, type Referred, type Renumber } from "./jobNumbers.ts";
import type { Repositories } from "./store.ts";

/** The new ids of what a file refers to. */
class NewIds implements Renumber {
  ownStyle = "";
  wearerId = 0;
  readonly #ids = new Map<string, number>();

  put(what: Referred, ref: number, id: number): void {
    this.#ids.set(`${what} ${ref}`, id);
  }

  /** What the file names without bringing it, such as a sheet since replaced, gets a number nothing here has. */
  of(what: Referred, ref: number): number {
    return this.#ids.get(`${what} ${ref}`) ?? -ref;
  }
}

/**
 * Takes a job over from a file: its wearer, cloths, layers, chart and style are added anew, nothing that is there is
 * touched. Run it in a transaction.
 *
 * @returns the id of the new job.
 */
export async function importJob(all: Repositories, document: JobDocument): Promise<number> {
  const ids = new NewIds();
  const wearerId = await all.wearers.add(document.wearer);
  ids.wearerId = wearerId;
  const sheetId = document.sheet ? await all.sheets.add({ ...document.sheet, wearerId }) : null;
  if (sheetId !== null) ids.put("sheet", 1, sheetId);
  await addCloths(all, document, ids);
  const own = document.ownStyle ? await all.styles.add(document.ownStyle) : null;
  if (own !== null) ids.ownStyle = ownStyleId(own);
  const clothOf = (ref: number | null) => (ref === null ? null : ids.of("cloth", ref));
  const { layup, chart } = document;
  const jobId = await all.jobs.add({
    ...document.job,
    styleId: (own === null ? document.job.styleId : ids.ownStyle) as Job["styleId"],
    wearerId,
    sheetId,
    clothId: clothOf(document.job.clothId),
    edgeElasticId: clothOf(document.job.edgeElasticId),
    layupId: layup
      ? await all.layups.add({
          ...layup,
          layers: layup.layers.map((layer) => ({ ...layer, clothId: ids.of("cloth", layer.clothId) })),
        })
      : null,
    chartId: chart ? await all.charts.add(chart) : null,
  });
  for (const { id, working, texts } of document.workings) {
    const mapped = mapWorking(working as Record<string, unknown>, ids) as never;
    await all.workings.save(jobId, id, { working: mapped, texts, version: 0 });
  }
  await addPrototypes(all, { document, jobId, ids });
  return jobId;
}

async function addCloths({ cloths }: Repositories, document: JobDocument, ids: NewIds): Promise<void> {
  for (const { id: ref, tests, ...cloth } of document.cloths) {
    const clothId = await cloths.add(cloth);
    ids.put("cloth", ref, clothId);
    for (const { id: testRef, ...test } of tests) ids.put("test", testRef, await cloths.addTest({ ...test, clothId }));
  }
}

interface Importing {
  readonly document: JobDocument;
  readonly jobId: number;
  readonly ids: NewIds;
}

/** Prototypes are closed as they follow one another; each is filled before the next is started. */
async function addPrototypes(all: Repositories, importing: Importing): Promise<void> {
  const { document, jobId, ids } = importing;
  for (const prototype of document.prototypes) {
    await addOwnChangesOf(all, importing, prototype.number);
    const { number, kind, startedOn, frozen, closedOn } = prototype;
    await all.prototypes.start({ jobId, number, kind, startedOn, frozen: mapFrozen(frozen, ids) });
    await fill(all, importing, prototype);
    if (closedOn !== null && number === document.prototypes.length) await all.prototypes.closeAll(jobId, closedOn);
  }
  await addOwnChangesOf(all, importing, null);
  for (const { id, judgement } of document.changes) {
    if (!judgement) continue;
    await all.changes.judge(ids.of("change", id), { ...judgement, fittingId: ids.of("fitting", judgement.fittingId) });
  }
}

/** The maker's own changes that were cut into a prototype; null: those cut into none. */
async function addOwnChangesOf(
  all: Repositories,
  { document, jobId, ids }: Importing,
  cutInto: number | null,
): Promise<void> {
  for (const { judgement: _seen, cutInto: at, id, ...change } of document.changes) {
    if (change.findingId !== null || at !== cutInto) continue;
    ids.put("change", id, await all.changes.addOwn(jobId, { ...change, version: 0 }));
  }
}

async function fill(
  all: Repositories,
  importing: Importing,
  { number, sewn, sewnLengths, annotations, fittings }: PrototypeEntry,
): Promise<void> {
  const prototype = await all.prototypes.find(importing.jobId, number);
  if (!prototype) throw new Error("A prototype that was just started is there.");
  if (sewn.length + sewnLengths.length > 0) await all.prototypes.saveSewn(prototype, { sewn, sewnLengths });
  for (const annotation of annotations) await all.prototypes.annotate(prototype.id, annotation);
  for (const fitting of fittings) await addFitting(all, importing, prototype.id, fitting);
}

async function addFitting(
  all: Repositories,
  { document, jobId, ids }: Importing,
  prototypeId: number,
  entry: FittingEntry,
): Promise<void> {
  const { id: ref, findings, readings, checks, photos, ...head } = entry;
  const fittingId = await all.fittings.add({ ...head, prototypeId });
  ids.put("fitting", ref, fittingId);
  for (const check of checks) await all.fittings.saveCheck(fittingId, check);
  for (const reading of readings) await all.fittings.addReading({ ...reading, fittingId });
  for (const { id: findingRef, photos: shown, ...finding } of findings) {
    const findingId = await all.fittings.addFinding({ ...finding, fittingId });
    ids.put("finding", findingRef, findingId);
    for (const photo of shown) await all.fittings.addPhoto(fittingId, findingId, bytesOf(photo));
    const led = document.changes.find((one) => one.findingId === findingRef);
    if (!led) continue;
    const { judgement: _seen, cutInto: _cut, id: changeRef, ...change } = led;
    const outcome = await all.changes.decide(jobId, { ...change, findingId, version: 0 });
    if (outcome.saved) ids.put("change", changeRef, outcome.value.id);
  }
  for (const photo of photos) await all.fittings.addPhoto(fittingId, null, bytesOf(photo));
}

const bytesOf = ({ type, bytes }: { readonly type: string; readonly bytes: string }) => ({
  type,
  bytes: new Uint8Array(Buffer.from(bytes, "base64")),
});
