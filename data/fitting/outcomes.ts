import type { Knex } from "knex";
import { type Finding, type OutcomeOfKind, PROTOTYPE_KINDS } from "../../core/fitting/index.ts";

/** Outcomes looked at: the newest say most about how the workshop works now. */
const OUTCOMES_READ = 1000;

/**
 * What the workshop's changes did, newest first, in prototypes of the real cloth whose usable stretch lies in a range.
 * Amounts as worn.
 */
export async function outcomesIn(
  db: Knex,
  { from, to }: { readonly from: number; readonly to: number },
): Promise<OutcomeOfKind[]> {
  const rows: { kind: Finding["kind"]; amount_mm: number; share: number; residual_mm: number }[] = await db(
    "judgements as j",
  )
    .join("changes as c", "c.id", "j.change_id")
    .join("findings as f", "f.id", "c.finding_id")
    .join("fittings as t", "t.id", "f.fitting_id")
    .join("prototypes as p", "p.id", "t.prototype_id")
    .join("jobs as b", "b.id", "p.job_id")
    .where("f.removed", 0)
    .whereNull("b.removed_at")
    // A job and its copies have learnt the same: the first of them counts.
    .whereNotExists(
      db("jobs as o")
        .whereRaw("o.id < b.id and o.removed_at is null")
        .whereRaw("coalesce(o.copied_from, o.identity) = coalesce(b.copied_from, b.identity)")
        .select(db.raw("1")),
    )
    .whereNotNull("c.amount_mm")
    .whereNotNull("c.share")
    .whereNotNull("f.amount_mm")
    .whereNotNull("j.residual_mm")
    .whereIn("p.kind", REAL_KINDS)
    .where("p.usable", ">=", from)
    .modify((query) => {
      if (Number.isFinite(to)) query.where("p.usable", "<", to);
    })
    .orderBy("j.change_id", "desc")
    .limit(OUTCOMES_READ)
    .select("f.kind", "f.amount_mm", "c.share", "j.residual_mm");
  // A share is of what was read on the body, so share times amount is what was done, as worn.
  return rows.map(({ kind, amount_mm, share, residual_mm }) => ({
    kind,
    amountMm: amount_mm,
    doneMm: share * amount_mm,
    residualMm: residual_mm,
  }));
}

const REAL_KINDS = PROTOTYPE_KINDS.filter(({ realCloth }) => realCloth).map(({ id }) => id);
