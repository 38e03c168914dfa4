import type { FittingEntry, JobDocument, PrototypeEntry } from "../../formats/job/jobDocument.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import { mapFrozen, mapPieces } from "./jobNumbers.ts";
import type { NewIds } from "./newIds.ts";

interface Importing {
  readonly document: JobDocument;
  readonly jobId: number;
  readonly ids: NewIds;
}

/** Prototypes are closed as they follow one another; each is filled before the next is started. */
export async function addPrototypes(all: Repositories, importing: Importing): Promise<void> {
  const { document, jobId, ids } = importing;
  for (const prototype of document.prototypes) {
    await addOwnChangesOf(all, importing, prototype.number);
    const { number, kind, startedOn, frozen, closedOn } = prototype;
    const plan = mapFrozen(frozen, ids);
    const started = await all.prototypes.start({ jobId, number, kind, startedOn, frozen: plan });
    if (started === null) throw new Error("Prototypes of a file are numbered without a gap.");
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
  { number, sewn, sewnLengths, annotations, pieces, fittings }: PrototypeEntry,
): Promise<void> {
  const prototype = await all.prototypes.find(importing.jobId, number);
  if (!prototype) throw new Error("A prototype that was just started is there.");
  if (sewn.length + sewnLengths.length > 0)
    savedOrThrow(await all.prototypes.saveSewn(prototype, { sewn, sewnLengths }));
  const cutFrom = pieces.map((one) => mapPieces(one.pieces, importing.ids));
  if (!(await all.pieces.add(prototype.id, cutFrom))) throw new Error("A prototype of a file has each recipe once.");
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
    const decided = savedOrThrow(await all.changes.decide(jobId, { ...change, findingId, version: 0 }));
    ids.put("change", changeRef, decided.id);
  }
  for (const photo of photos) await all.fittings.addPhoto(fittingId, null, bytesOf(photo));
}

const bytesOf = ({ type, bytes }: { readonly type: string; readonly bytes: string }) => ({
  type,
  bytes: new Uint8Array(Buffer.from(bytes, "base64")),
});
