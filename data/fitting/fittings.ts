import type { Knex } from "knex";
import type { CheckResult, Finding, Fitting, FittingHead, OutcomeOfKind, Reading } from "../../core/fitting/index.ts";
import { insertRow, type SaveOutcome, updateVersion } from "../db/index.ts";
import { findingColumns, type NewFinding } from "./findingColumns.ts";
import { type FindingRow, findingFrom } from "./fittingRows.ts";
import { openFindingsOf } from "./openFindings.ts";
import { outcomesIn } from "./outcomes.ts";
import type { Photo } from "./photos.ts";
import { read } from "./readFittings.ts";

/** What is written down of a reading. */
export type NewReading = Omit<Reading, "id"> & { readonly fittingId: number };

/** Fittings with their checks, readings, findings and photos. Removed findings can be brought back. */
export interface FittingRepository {
  /** In the order they took place. */
  ofPrototypes(prototypeIds: readonly number[]): Promise<Fitting[]>;
  /** How many findings of a job wait for the maker's word. */
  openOfJob(jobId: number): Promise<number>;
  add(fitting: FittingHead & { readonly prototypeId: number }): Promise<number>;
  saveHead(fitting: FittingHead & { readonly id: number; readonly version: number }): Promise<boolean>;
  addFinding(finding: NewFinding): Promise<number>;
  saveFinding(finding: NewFinding & { id: number; version: number }): Promise<SaveOutcome<Finding>>;
  /** Takes a finding off, or brings it back. False when its change is already cut into a prototype. */
  setFindingRemoved(id: number, removed: boolean): Promise<boolean>;
  addReading(reading: NewReading): Promise<number>;
  setReadingRemoved(id: number, removed: boolean): Promise<void>;
  saveCheck(fittingId: number, check: CheckResult): Promise<void>;
  addPhoto(fittingId: number, findingId: number | null, photo: Photo): Promise<number>;
  photo(id: number): Promise<(Photo & { readonly fittingId: number }) | null>;
  setPhotoRemoved(id: number, removed: boolean): Promise<void>;
  /** Photos of a fitting that belong to no finding, by id. */
  loosePhotos(fittingId: number): Promise<number[]>;
  /** The job a finding, a reading or a photo belongs to, removed ones included; null where there is none. */
  jobOf(what: "finding" | "reading" | "photo", id: number): Promise<number | null>;
  /**
   * What the workshop's changes did, newest first, in prototypes of the real cloth whose usable stretch lies in a range.
   * Amounts as worn.
   */
  outcomesIn(usable: { readonly from: number; readonly to: number }): Promise<OutcomeOfKind[]>;
}

/** Fittings over a connection or a transaction. */
export function fittingRepository(db: Knex): FittingRepository {
  const setRemoved = async (table: string, id: number, removed: boolean): Promise<void> => {
    await db(table)
      .where({ id })
      .update({ removed: removed ? 1 : 0 });
  };
  return {
    ofPrototypes: (ids) => read(db, ids),
    async openOfJob(jobId) {
      const [row] = (await db.raw(`select ${openFindingsOf("?")} as open`, [jobId])) as { open: number }[];
      return row?.open ?? 0;
    },
    add: ({ prototypeId, ...head }) => insertRow(db, "fittings", { prototype_id: prototypeId, ...headColumns(head) }),
    saveHead: ({ id, version, ...head }) => updateVersion(db, "fittings", { id, version }, headColumns(head)),
    addFinding: async (finding) => insertRow(db, "findings", await findingColumns(db, finding)),
    async saveFinding(finding) {
      const columns = await findingColumns(db, finding);
      if (!(await isCut(db, finding.id)) && (await updateVersion(db, "findings", finding, columns))) {
        const nothing = { change: null, judgement: null, photos: [] };
        return { saved: true, value: { ...finding, version: finding.version + 1, ...nothing } };
      }
      const row: FindingRow | undefined = await db("findings").where({ id: finding.id }).first();
      return { saved: false, theirs: row ? findingFrom(row, { change: null, judgement: null, photos: [] }) : null };
    },
    async setFindingRemoved(id, removed) {
      if (await isCut(db, id)) return false;
      await setRemoved("findings", id, removed);
      return true;
    },
    addReading: ({ fittingId, zone, kind, side, text, newtons, heightMm, elasticsN, liftMm, note }) =>
      insertRow(db, "readings", {
        fitting_id: fittingId,
        zone,
        kind,
        side,
        typed: text,
        newtons,
        height_mm: heightMm,
        elastics_n: elasticsN,
        lift_mm: liftMm,
        note,
      }),
    setReadingRemoved: (id, removed) => setRemoved("readings", id, removed),
    saveCheck: async (fittingId, { check, outcome, note }) => {
      await db("fitting_checks")
        .insert({ fitting_id: fittingId, name: check, outcome, note })
        .onConflict(["fitting_id", "name"])
        .merge();
    },
    addPhoto: (fittingId, findingId, { type, bytes }) =>
      insertRow(db, "fitting_photos", {
        fitting_id: fittingId,
        finding_id: findingId,
        type,
        bytes: Buffer.from(bytes),
      }),
    async photo(id) {
      const row = await db("fitting_photos").where({ id, removed: 0 }).first();
      return row ? { type: row.type, bytes: row.bytes, fittingId: row.fitting_id } : null;
    },
    setPhotoRemoved: (id, removed) => setRemoved("fitting_photos", id, removed),
    loosePhotos: (fittingId) =>
      db("fitting_photos")
        .where({ fitting_id: fittingId, removed: 0 })
        .whereNull("finding_id")
        .orderBy("id")
        .pluck("id"),
    async jobOf(what, id) {
      const row = await db(`${TABLES[what]} as thing`)
        .join("fittings", "fittings.id", "thing.fitting_id")
        .join("prototypes", "prototypes.id", "fittings.prototype_id")
        .where("thing.id", id)
        .first("prototypes.job_id");
      return row?.job_id ?? null;
    },
    outcomesIn: (usable) => outcomesIn(db, usable),
  };
}

const TABLES = { finding: "findings", reading: "readings", photo: "fitting_photos" } as const;

const headColumns = ({ fittedOn, on, way, over, notes }: FittingHead) => ({
  fitted_on: fittedOn,
  worn_by: on,
  way,
  worn_over: over,
  notes,
});

async function isCut(db: Knex, findingId: number): Promise<boolean> {
  const row = await db("changes").where({ finding_id: findingId }).whereNotNull("cut_into").first("id");
  return row !== undefined;
}
