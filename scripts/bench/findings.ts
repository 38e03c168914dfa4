import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Knex } from "knex";
import { classRange } from "../../core/cloth/index.ts";
import { FINDING_KINDS, findingWords } from "../../core/fitting/index.ts";
import { sampleFrozen } from "../../core/testing/index.ts";
import { insertAll, openDatabase } from "../../data/db/index.ts";
import type { FindingQuery } from "../../data/fitting/index.ts";
import { storeOver } from "../../data/store.ts";
import { type Figures, quantile } from "./report.ts";

const JOBS = 2000;
const FINDINGS_PER_JOB = 100;
const ROUNDS = 40;

/** What makers look for, from a rare word to everything there is. */
const QUERIES: readonly (readonly [string, Partial<FindingQuery>])[] = [
  ["a phrase in one stretch class", { words: "sway back", usable: classRange(0.4) }],
  ["a kind at a place", { kind: "loose", spot: "waist" }],
  ["a common word", { words: "waist" }],
  ["a common word, a kind and a place", { words: "knit", kind: "comfort", spot: "boneEnd" }],
  ["two common words in a class", { words: "loose hip", usable: classRange(0.6) }],
  ["a class alone", { usable: classRange(0.2) }],
  ["everything", {}],
];

/** The search over 200,000 findings of 2,000 jobs, half of them with a change and what it did. */
export async function* figures(): Figures {
  const folder = mkdtempSync(join(tmpdir(), "stenz-bench-"));
  const db = await openDatabase(join(folder, "bench.sqlite"));
  try {
    await fill(db);
    const store = storeOver(db);
    for (const [name, own] of QUERIES) {
      const samples: number[] = [];
      for (let round = 0; round < ROUNDS; round += 1) {
        const from = performance.now();
        await store.searchFindings({ words: "", kind: null, spot: null, usable: null, ...own });
        samples.push(performance.now() - from);
      }
      const value = quantile(samples, 0.95);
      yield { name: `search over 200,000 findings: ${name}, 95 of 100`, value, unit: "ms", under: 50 };
    }
  } finally {
    await db.destroy();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function fill(db: Knex): Promise<void> {
  const frozen = JSON.stringify(sampleFrozen());
  await db.transaction(async (all) => {
    await all("wearers").insert({ name: "Bench", kind: "person" });
    const numbers = Array.from({ length: JOBS }, (_, index) => index + 1);
    const job = { style: "brief", wearer_id: 1, girth_direction: "across" };
    await insertAll(
      all,
      "jobs",
      numbers.map((id) => ({ ...job, id, name: `Job ${id}` })),
    );
    const usableOf = (id: number) => 0.05 + (id % 20) / 20;
    await insertAll(
      all,
      "prototypes",
      numbers.map((id) => ({
        id,
        job_id: id,
        number: 1,
        kind: "sewn",
        started_on: "2026-01-02",
        frozen,
        usable: usableOf(id),
      })),
    );
    await insertAll(
      all,
      "fittings",
      numbers.map((id) => ({ id, prototype_id: id, fitted_on: "2026-01-03", worn_by: "wearer" })),
    );
    const findings = Array.from({ length: JOBS * FINDINGS_PER_JOB }, (_, index) => findingRow(index, usableOf));
    await insertAll(all, "findings", findings);
    const changed = findings.filter(({ id }) => id % 2 === 0);
    await insertAll(
      all,
      "changes",
      changed.map(({ id, fitting_id, spot, zone, side }) => ({
        ...{ id, job_id: fitting_id, finding_id: id, decision: "accepted", acts_on: "girth", spot, zone, side },
        ...{ share: 0.65, proposed_mm: -9, amount_mm: -9, seams: 2, cut_into: 1 },
      })),
    );
    await insertAll(
      all,
      "judgements",
      changed.map(({ id, fitting_id }) => ({ change_id: id, fitting_id, residual_mm: id % 9, verdict: "better" })),
    );
  });
}

function findingRow(index: number, usableOf: (id: number) => number) {
  const fitting = Math.floor(index / FINDINGS_PER_JOB) + 1;
  const kind = FINDING_KINDS[index % FINDING_KINDS.length] as (typeof FINDING_KINDS)[number];
  const spot = kind.spots[Math.floor(index / FINDING_KINDS.length) % kind.spots.length] as (typeof kind.spots)[number];
  const note = `note ${index} after ${index % 7} lengths${index % 300 === 0 ? ", a sway back" : ""}`;
  const finding = { kind: kind.id, spot, zone: "waist", side: "both", note } as const;
  const usable = usableOf(fitting);
  return {
    ...finding,
    id: index + 1,
    fitting_id: fitting,
    view: "front",
    x: 0.5,
    y: 0.5,
    amount_mm: 10 + (index % 20),
    folded: 0,
    words: findingWords(
      { detail: {}, ...finding },
      { clothNames: [`Cloth ${fitting % 50}`], clothKind: "knit", usable },
    ),
    usable,
  };
}
