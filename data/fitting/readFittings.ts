import type { Knex } from "knex";
import type { Finding, Fitting } from "../../core/fitting/index.ts";
import { judgementsOf } from "./changes.ts";
import {
  type ChangeRow,
  type CheckRow,
  changeFrom,
  checkFrom,
  type FindingRow,
  type FittingRow,
  findingFrom,
  fittingFrom,
  type ReadingRow,
  readingFrom,
} from "./fittingRows.ts";

/** Fittings of prototypes with everything put down at them. */
export async function read(db: Knex, prototypeIds: readonly number[]): Promise<Fitting[]> {
  const fittings: FittingRow[] = await db("fittings")
    .whereIn("prototype_id", prototypeIds)
    .orderBy(["fitted_on", "id"]);
  const ids = fittings.map(({ id }) => id);
  if (ids.length === 0) return [];
  const findings: FindingRow[] = await db("findings").whereIn("fitting_id", ids).where("removed", 0).orderBy("id");
  const changes: ChangeRow[] = await db("changes").whereIn(
    "finding_id",
    findings.map(({ id }) => id),
  );
  const judgements = await judgementsOf(
    db,
    changes.map(({ id }) => id),
  );
  const photos: { id: number; finding_id: number | null }[] = await db("fitting_photos")
    .whereIn("fitting_id", ids)
    .where("removed", 0)
    .select("id", "finding_id");
  const readings: ReadingRow[] = await db("readings").whereIn("fitting_id", ids).where({ removed: 0 }).orderBy("id");
  const checks: CheckRow[] = await db("fitting_checks").whereIn("fitting_id", ids);
  const whole = (row: FindingRow): Finding => {
    const change = changes.find(({ finding_id }) => finding_id === row.id);
    return findingFrom(row, {
      change: change ? changeFrom(change) : null,
      judgement: change ? (judgements.get(change.id) ?? null) : null,
      photos: photos.filter(({ finding_id }) => finding_id === row.id).map(({ id }) => id),
    });
  };
  return fittings.map((row) =>
    fittingFrom(row, {
      findings: findings.filter(({ fitting_id }) => fitting_id === row.id).map(whole),
      readings: readings.filter(({ fitting_id }) => fitting_id === row.id).map(readingFrom),
      checks: checks.filter(({ fitting_id }) => fitting_id === row.id).map(checkFrom),
    }),
  );
}
