import { ownStyleId } from "../../core/ease/index.ts";
import type { Job } from "../../core/job/index.ts";
import type { ClothEntry, JobDocument } from "../../formats/job/jobDocument.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import { addPrototypes } from "./importRecord.ts";
import { mapWorking } from "./jobNumbers.ts";
import type { KnownAs } from "./known.ts";
import { NewIds } from "./newIds.ts";

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
  const { identity, closures, ...job } = document.job;
  const jobId = await all.jobs.add({
    ...job,
    openings: closures,
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
