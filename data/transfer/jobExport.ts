import { ownStyleNumber } from "../../core/ease/index.ts";
import { type Change, type Fitting, type FrozenPlan, type Judgement, jobChanges } from "../../core/fitting/index.ts";
import { type ClothEntry, type JobDocument, OWN_STYLE, type PhotoEntry } from "../../formats/job/jobDocument.ts";
import { keptPieces } from "../../formats/kept/keptPieces.ts";
import { keptOwnStyle } from "../../formats/kept/keptStyle.ts";
import { workingFormat } from "../../formats/kept/keptWorking.ts";
import type { ShelvedCloth } from "../cloths/index.ts";
import { keptIds } from "../jobs/index.ts";
import type { Repositories } from "../store.ts";
import { mapFrozen, mapPieces, mapWorking, Numbering } from "./jobNumbers.ts";

/**
 * A whole job as a file: what it rests on, its prototypes, fittings, photos and changes. Ids become references within
 * the file, counted from 1, so that the same job gives the same file wherever it is kept.
 *
 * @returns null where there is no such job.
 */
export async function exportJob(all: Repositories, jobId: number): Promise<JobDocument | null> {
  const job = await all.jobs.find(jobId);
  if (!job) return null;
  const wearer = await all.wearers.find(job.wearerId);
  if (!wearer) return null;
  const prototypes = await all.prototypes.ofJob(jobId);
  const fittings = await all.fittings.ofPrototypes(prototypes.map(({ id }) => id));
  const changes = jobChanges(fittings, await all.changes.ownOfJob(jobId));
  const layup = job.layupId === null ? null : await all.layups.find(job.layupId);
  const workings = await all.workings.ofJob(jobId);
  const body = (number: Numbering) => ({
    job: jobEntry(job, number),
    layup: layup && {
      name: layup.name,
      notes: layup.notes,
      layers: layup.layers.map((layer) => ({ ...layer, clothId: number.of("cloth", layer.clothId) })),
    },
    workings: keptIds(workings).map((id) => ({
      id,
      format: workingFormat(id),
      working: mapWorking(id, workings[id].working, number),
      texts: workings[id].texts,
    })),
  });
  const frozenPlans = (number: Numbering) => prototypes.map(({ frozen }) => mapFrozen(frozen, number));
  // Once to learn which cloths are named: their tests are numbered in the order they were entered, before a plan names
  // one of them, since of two tests of one day the later counts.
  const named = new Numbering();
  body(named);
  frozenPlans(named);
  const shelf = await all.cloths.findAll(named.all("cloth").map(({ id }) => id));
  const number = new Numbering();
  if (job.sheetId !== null) number.of("sheet", job.sheetId);
  const cloths = await clothEntries(
    all,
    named.all("cloth").flatMap(({ id }) => shelf.find((cloth) => cloth.id === id) ?? []),
    number,
  );
  for (const { id } of fittings) number.of("fitting", id);
  for (const { id } of fittings.flatMap(({ findings }) => findings)) number.of("finding", id);
  for (const { change } of changes) number.of("change", change.id);
  const frozen = frozenPlans(number);
  const sheet = job.sheetId === null ? null : await all.sheets.find(job.sheetId);
  const chart = job.chartId === null ? null : await all.charts.find(job.chartId);
  const photosOf = async (fitting: Fitting) =>
    Promise.all((await all.fittings.loosePhotos(fitting.id)).map((id) => photoEntry(all, id)));
  const whole = body(number);
  const wraps = (await all.wraps.ofWearer(wearer.id)).filter(({ id }) =>
    number.all("wrap").some((named) => named.id === id),
  );
  return {
    format: "stenz.job",
    version: 1,
    ...whole,
    job: { identity: await all.identities.of("jobs", job.id), ...whole.job },
    ownStyle: await ownStyleOf(all, job.styleId),
    wearer: { identity: await all.identities.of("wearers", wearer.id), ...without(wearer, "id", "version") },
    wraps: wraps
      .map((wrap) => ({ ...without(wrap, "wearerId", "version"), id: number.of("wrap", wrap.id) }))
      .toSorted((a, b) => a.id - b.id),
    sheet: sheet && without(sheet, "id", "wearerId"),
    chart: chart && without(chart, "id", "version"),
    prototypes: await Promise.all(
      prototypes.map(async ({ number: at, kind, startedOn, closedOn, sewn, sewnLengths, annotations, id }, index) => ({
        number: at,
        kind,
        startedOn,
        closedOn,
        frozen: frozen[index] as FrozenPlan,
        sewn,
        sewnLengths,
        annotations: annotations.map((annotation) => without(annotation, "id")),
        pieces: (await all.pieces.ofPrototype(id)).map((pieces) => ({
          format: keptPieces.format,
          pieces: mapPieces(pieces, number),
        })),
        fittings: await Promise.all(
          fittings
            .filter(({ prototypeId }) => prototypeId === id)
            .map(async (fitting) => ({
              ...without(fitting, "prototypeId", "version"),
              id: number.of("fitting", fitting.id),
              findings: await Promise.all(
                fitting.findings.map(async (finding) => ({
                  ...without(finding, "fittingId", "version", "change", "judgement"),
                  id: number.of("finding", finding.id),
                  photos: await Promise.all(finding.photos.map((photo) => photoEntry(all, photo))),
                })),
              ),
              readings: fitting.readings.map((reading) => without(reading, "id")),
              photos: await photosOf(fitting),
            })),
        ),
      })),
    ),
    changes: changes.map(({ change, judgement }) => changeEntry(change, judgement, number)),
    cloths,
  };
}

const jobEntry = (
  job: NonNullable<Awaited<ReturnType<Repositories["jobs"]["find"]>>>,
  number: Numbering,
): JobDocument["job"] => ({
  ...without(job, "id", "version", "wearerId", "sheetId", "layupId", "chartId", "openings"),
  closures: job.openings,
  styleId: ownStyleNumber(job.styleId) === null ? job.styleId : OWN_STYLE,
  clothId: job.clothId === null ? null : number.of("cloth", job.clothId),
  edgeElasticId: job.edgeElasticId === null ? null : number.of("cloth", job.edgeElasticId),
});

async function ownStyleOf(all: Repositories, styleId: string): Promise<JobDocument["ownStyle"]> {
  const own = ownStyleNumber(styleId);
  const style = own === null ? null : await all.styles.findOwn(own);
  return style && { ...without(style, "id", "version"), format: keptOwnStyle.format };
}

const changeEntry = (change: Change, judgement: Judgement | null, number: Numbering) => ({
  ...without(change, "version"),
  id: number.of("change", change.id),
  findingId: change.findingId === null ? null : number.of("finding", change.findingId),
  judgement: judgement && { ...judgement, fittingId: number.of("fitting", judgement.fittingId) },
});

async function photoEntry({ fittings }: Repositories, id: number): Promise<PhotoEntry> {
  const photo = await fittings.photo(id);
  return { type: photo?.type ?? "image/jpeg", bytes: Buffer.from(photo?.bytes ?? []).toString("base64") };
}

/** Cloths as a file holds them, each with its identity and its tests in the order they were entered. */
export async function clothEntries(
  { identities }: Pick<Repositories, "identities">,
  cloths: readonly ShelvedCloth[],
  number: Numbering,
): Promise<ClothEntry[]> {
  const entries: ClothEntry[] = [];
  for (const { tests, version: _version, ...cloth } of cloths) {
    const id = number.of("cloth", cloth.id);
    entries.push({
      ...cloth,
      id,
      identity: await identities.of("cloths", cloth.id),
      tests: tests
        .toSorted((a, b) => a.id - b.id)
        .map((test) => ({ ...test, id: number.of("test", test.id), clothId: id })),
    });
  }
  return entries;
}

/** A copy without some of its keys. */
export function without<T extends object, Key extends keyof T>(thing: T, ...keys: readonly Key[]): Omit<T, Key> {
  const copy = { ...thing };
  for (const key of keys) delete copy[key];
  return copy;
}
