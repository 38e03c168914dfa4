import { fail, ok, type Result } from "../../core/result.ts";
import type { WearerDocument } from "../../formats/job/wearerDocument.ts";
import type { Repositories } from "../store.ts";
import { clothEntries, exportJob, without } from "./jobExport.ts";
import { putCloth, sheetOf, wearerOf, wrapOf } from "./jobImport.ts";
import { Numbering } from "./jobNumbers.ts";
import type { KnownAs } from "./known.ts";
import { NewIds } from "./newIds.ts";
import { refuseUnkeepable } from "./refuseUnkeepable.ts";
import { takeOverJob } from "./takeOverJob.ts";

/**
 * Everything about a wearer as a file: who they are, sheets, body wraps, standing changes, garments that fit with their
 * cloths, and every job whole.
 *
 * @returns null where there is no such wearer.
 */
export async function exportWearer(all: Repositories, wearerId: number): Promise<WearerDocument | null> {
  const wearer = await all.wearers.find(wearerId);
  if (!wearer) return null;
  const number = new Numbering();
  const garments = await all.liked.ofWearer(wearerId);
  const named = [...new Set(garments.flatMap(({ clothId }) => clothId ?? []))];
  const cloths = await clothEntries(all, await all.cloths.findAll(named), number);
  const jobs = [];
  for (const { id } of (await all.jobs.ofWearer(wearerId)).toReversed()) jobs.push(await exportJob(all, id));
  return {
    format: "stenz.wearer",
    version: 2,
    wearer: { identity: await all.identities.of("wearers", wearerId), ...without(wearer, "id", "version") },
    sheets: (await all.sheets.ofWearer(wearerId)).map((sheet) => without(sheet, "id", "wearerId")).toReversed(),
    bodyWraps: (await all.wraps.ofWearer(wearerId))
      .map((wrap, index) => ({ ...without(wrap, "wearerId", "version"), id: index + 1 }))
      .toReversed(),
    standingChanges: (await all.standing.forJob(wearerId, null))
      .filter((change) => change.wearerId === wearerId)
      .map((change) => without(change, "id", "wearerId", "chartId")),
    cloths,
    likedGarments: garments
      .map((garment) => ({
        ...without(garment, "id", "wearerId", "version"),
        clothId: garment.clothId === null ? null : number.of("cloth", garment.clothId),
      }))
      .toReversed(),
    jobs: jobs.filter((job) => job !== null),
  };
}

/**
 * Brings everything about a wearer in from a file. Known as the same, the wearer here is used and only what is not there
 * yet is added: no sheet, wrap, garment or job twice. Known as a copy, all of it is added beside what is here. Run it in
 * a transaction.
 *
 * @returns the id of the wearer and the jobs that were added, or the problem of a job that cannot be kept whole.
 */
export const importWearer = (all: Repositories, document: WearerDocument, known: KnownAs): Promise<Result<BroughtIn>> =>
  refuseUnkeepable(() => bringIn(all, document, known));

/** The wearer of a file, and the jobs that were added. */
interface BroughtIn {
  readonly wearerId: number;
  readonly jobs: readonly number[];
}

async function bringIn(all: Repositories, document: WearerDocument, known: KnownAs): Promise<Result<BroughtIn>> {
  const ids = new NewIds();
  const wearerId = await wearerOf(all, document.wearer, known);
  for (const sheet of document.sheets) await sheetOf(all, wearerId, sheet);
  for (const wrap of document.bodyWraps) await wrapOf(all, wearerId, wrap);
  for (const cloth of document.cloths) await putCloth(all, cloth, { ids, known });
  await addGarments(all, wearerId, document, ids);
  await addStanding(all, wearerId, document);
  const jobs: number[] = [];
  for (const job of document.jobs) {
    const here = job.job.identity ? await all.identities.find("jobs", job.job.identity) : null;
    if (here !== null && known === "same") continue;
    const taken = await takeOverJob(all, job, known, wearerId);
    if (!taken.ok) return fail(taken.problem.code, `“${job.job.name}”: ${taken.problem.message}`);
    jobs.push(taken.value);
  }
  return ok({ wearerId, jobs });
}

async function addGarments(
  { liked }: Repositories,
  wearerId: number,
  { likedGarments }: WearerDocument,
  ids: NewIds,
): Promise<void> {
  const there = await liked.ofWearer(wearerId);
  for (const garment of likedGarments) {
    if (there.some(({ name, measuredOn }) => name === garment.name && measuredOn === garment.measuredOn)) continue;
    const clothId = garment.clothId === null ? null : ids.of("cloth", garment.clothId);
    await liked.add({ ...garment, wearerId, clothId });
  }
}

async function addStanding(
  { standing }: Repositories,
  wearerId: number,
  { standingChanges }: WearerDocument,
): Promise<void> {
  const there = await standing.forJob(wearerId, null);
  for (const change of standingChanges) {
    if (there.some(({ words }) => words === change.words)) continue;
    await standing.add({ ...change, wearerId, chartId: null });
  }
}
