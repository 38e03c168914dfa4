import { ownStyleId } from "../../core/ease/index.ts";
import type { Job } from "../../core/job/index.ts";
import type { ClothEntry, FittingEntry, JobDocument, PrototypeEntry } from "../../formats/jobs/jobDocument.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import { mapFrozen, mapWorking, type Referred, type Renumber } from "./jobNumbers.ts";

/** The new ids of what a file refers to. */
export class NewIds implements Renumber {
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

/** What is done with a wearer or a cloth of a file that is here already: used, or added beside it as a copy. */
export type KnownAs = "same" | "copy";

/** What of a file is here already, known by the identity it carries. */
export interface KnownHere {
  readonly job: { readonly id: number; readonly name: string } | null;
  readonly wearer: { readonly id: number; readonly name: string } | null;
  readonly cloths: readonly string[];
}

/** Looks up what of a file is here already. */
export async function knownHere(
  { identities, jobs, wearers }: Repositories,
  { job, wearer, cloths }: Pick<JobDocument, "job" | "wearer" | "cloths">,
): Promise<KnownHere> {
  const jobId = job.identity ? await identities.find("jobs", job.identity) : null;
  const wearerId = wearer.identity ? await identities.find("wearers", wearer.identity) : null;
  const here = jobId === null ? null : await jobs.find(jobId);
  const person = wearerId === null ? null : await wearers.find(wearerId);
  const known: string[] = [];
  for (const { identity, name } of cloths) {
    if (identity && (await identities.find("cloths", identity)) !== null) known.push(name);
  }
  return {
    job: here && { id: here.id, name: here.name },
    wearer: person && { id: person.id, name: person.name },
    cloths: known,
  };
}

/**
 * Takes a job over from a file. Nothing that is here is changed: a wearer, a sheet or a cloth that is known is used, or
 * everything is added beside it as a copy. A job that is here already is added as a copy, whose outcomes are learnt from
 * once. Run it in a transaction.
 *
 * @param forWearer the wearer it belongs to, where that was settled before; else the one of the file.
 * @returns the id of the new job.
 */
export async function importJob(
  all: Repositories,
  document: JobDocument,
  known: KnownAs,
  forWearer?: number,
): Promise<number> {
  const ids = new NewIds();
  const wearerId = forWearer ?? (await wearerOf(all, document.wearer, known));
  ids.wearerId = wearerId;
  const sheetId = document.sheet ? await sheetOf(all, wearerId, document.sheet) : null;
  if (sheetId !== null) ids.put("sheet", 1, sheetId);
  for (const cloth of document.cloths) await putCloth(all, cloth, { ids, known });
  for (const wrap of document.wraps) ids.put("wrap", wrap.id, await wrapOf(all, wearerId, wrap));
  const own = document.ownStyle ? await all.styles.add(document.ownStyle) : null;
  if (own !== null) ids.ownStyle = ownStyleId(own);
  const clothOf = (ref: number | null) => (ref === null ? null : ids.of("cloth", ref));
  const { layup, chart } = document;
  const { identity, ...job } = document.job;
  const jobId = await all.jobs.add({
    ...job,
    styleId: (own === null ? job.styleId : ids.ownStyle) as Job["styleId"],
    wearerId,
    sheetId,
    clothId: clothOf(job.clothId),
    edgeElasticId: clothOf(job.edgeElasticId),
    layupId: layup
      ? await all.layups.add({
          ...layup,
          layers: layup.layers.map((layer) => ({ ...layer, clothId: ids.of("cloth", layer.clothId) })),
        })
      : null,
    chartId: chart ? await all.charts.add(chart) : null,
  });
  if (identity) await identify(all, jobId, identity);
  for (const { id, working, texts } of document.workings) {
    savedOrThrow(await all.workings.save(jobId, id, { working: mapWorking(id, working, ids), texts, version: 0 }));
  }
  await addPrototypes(all, { document, jobId, ids });
  return jobId;
}

/** A job keeps its identity where nobody has it here; beside the one that has it, it is a copy. */
async function identify({ identities }: Repositories, jobId: number, identity: string): Promise<void> {
  if ((await identities.find("jobs", identity)) === null) await identities.set("jobs", jobId, identity);
  else await identities.markCopy(jobId, identity);
}

/** The wearer of a file: the one here with the same identity, or a new one. */
export async function wearerOf(
  { identities, wearers }: Repositories,
  { identity, ...wearer }: JobDocument["wearer"],
  known: KnownAs,
): Promise<number> {
  const here = identity ? await identities.find("wearers", identity) : null;
  if (here !== null && known === "same") return here;
  const id = await wearers.add(wearer);
  if (identity && here === null) await identities.set("wearers", id, identity);
  return id;
}

/** A sheet of a wearer that says the same, or a new one. */
export async function sheetOf(
  { sheets }: Repositories,
  wearerId: number,
  sheet: NonNullable<JobDocument["sheet"]>,
): Promise<number> {
  const there = (await sheets.ofWearer(wearerId)).find((one) => saysTheSame(one, sheet, ["id", "wearerId"]));
  return there?.id ?? sheets.add({ ...sheet, wearerId });
}

/** A body wrap of a wearer that says the same, or a new one. */
export async function wrapOf(
  { wraps }: Repositories,
  wearerId: number,
  { id: _ref, ...wrap }: JobDocument["wraps"][number],
): Promise<number> {
  const there = (await wraps.ofWearer(wearerId)).find((one) => saysTheSame(one, wrap, ["id", "wearerId", "version"]));
  return there?.id ?? wraps.add({ ...wrap, wearerId });
}

/** A cloth of a file with its tests: the one here with the same identity and what tests it lacks, or a new one. */
export async function putCloth(
  { cloths, identities }: Repositories,
  { id: ref, identity, tests, ...cloth }: ClothEntry,
  { ids, known }: { readonly ids: NewIds; readonly known: KnownAs },
): Promise<void> {
  const here = identity ? await identities.find("cloths", identity) : null;
  const clothId = here !== null && known === "same" ? here : await cloths.add(cloth);
  if (identity && here === null) await identities.set("cloths", clothId, identity);
  ids.put("cloth", ref, clothId);
  const there = clothId === here ? await cloths.testsOf(clothId) : [];
  for (const { id: testRef, ...test } of tests) {
    const same = there.find((one) => saysTheSame(one, test, ["id", "clothId"]));
    ids.put("test", testRef, same?.id ?? (await cloths.addTest({ ...test, clothId })));
  }
}

/** True where two things agree in all but some keys; a key with nothing in it is as good as none. */
function saysTheSame(one: object, other: object, except: readonly string[]): boolean {
  const plain = (thing: object) =>
    JSON.stringify(
      Object.entries(thing)
        .filter(([key, value]) => !except.includes(key) && value !== undefined)
        .toSorted(([a], [b]) => (a < b ? -1 : 1)),
    );
  return plain(one) === plain(other);
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
  { number, sewn, sewnLengths, annotations, fittings }: PrototypeEntry,
): Promise<void> {
  const prototype = await all.prototypes.find(importing.jobId, number);
  if (!prototype) throw new Error("A prototype that was just started is there.");
  if (sewn.length + sewnLengths.length > 0)
    savedOrThrow(await all.prototypes.saveSewn(prototype, { sewn, sewnLengths }));
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
