import type { Knex } from "knex";
import { type Finding, findingWords } from "../../core/fitting/index.ts";
import { readNames } from "../../formats/kept/columns.ts";
import { readColumn } from "../db/index.ts";

/** What is written down of a finding when it is put on the figure. */
export type NewFinding = Omit<Finding, "id" | "version" | "change" | "judgement" | "photos">;

/** Columns of a finding, with the words it is looked for by and the stretch it was found in. */
export async function findingColumns(db: Knex, finding: NewFinding) {
  const made = await db("fittings as t")
    .join("prototypes as p", "p.id", "t.prototype_id")
    .join("jobs as b", "b.id", "p.job_id")
    .leftJoin("layups as l", "l.id", "b.layup_id")
    .where("t.id", finding.fittingId)
    .first("p.usable", "l.name as layup")
    .select(
      db.raw(
        "json_extract(p.frozen, '$.cloth.name') as cloth_name, json_extract(p.frozen, '$.cloth.kind') as cloth_kind, (select json_group_array(value ->> 'name') from json_each(p.frozen, '$.layers')) as layers",
      ),
    );
  const usable = made?.usable ?? null;
  const layers = readColumn(readNames, made?.layers ?? "[]");
  const clothNames = [...new Set([made?.cloth_name ?? "", made?.layup ?? "", ...layers])].filter((name) => name !== "");
  const foundIn = { clothNames, clothKind: made?.cloth_kind ?? "", usable: usable ?? 0 };
  return {
    fitting_id: finding.fittingId,
    kind: finding.kind,
    spot: finding.spot,
    zone: finding.zone,
    side: finding.side,
    view: finding.view,
    x: finding.x,
    y: finding.y,
    typed: finding.amountText,
    amount_mm: finding.amountMm,
    folded: finding.folded ? 1 : 0,
    detail: JSON.stringify(finding.detail),
    note: finding.note,
    words: findingWords(finding, foundIn),
    usable,
  };
}
