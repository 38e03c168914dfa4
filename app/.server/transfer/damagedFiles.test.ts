import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { type Path, pathsOf, put } from "../../../core/testing/index.ts";
import { isRefusal } from "../../../data/db/index.ts";
import type { Store } from "../../../data/store.ts";
import { demoInMemory } from "../../../data/testing/index.ts";
import { exportJob, takeOverJob } from "../../../data/transfer/index.ts";
import { readJobDocument } from "../../../formats/job/jobDocument.ts";
import { trialOfJob } from "./trialOfJob.ts";

let store: Store;
let files: { readonly file: string; readonly paths: readonly Path[] }[];
beforeAll(async () => {
  store = await demoInMemory();
  files = [];
  for (const id of [1, 4, 6]) {
    const file = JSON.stringify(await exportJob(store, id));
    files.push({ file, paths: pathsOf(JSON.parse(file)) });
  }
  return () => store.close();
});

interface Damage {
  readonly which: number;
  readonly at: number;
  readonly from: number;
  readonly odd: unknown;
  readonly by: "odd" | "other place";
}

/** One of the files with one place damaged: by anything JSON can hold, by a value of another place, or by a gap. */
const damage: fc.Arbitrary<Damage> = fc.record({
  which: fc.nat(2),
  at: fc.nat(),
  from: fc.nat(),
  odd: fc.option(fc.jsonValue(), { nil: undefined }),
  by: fc.constantFrom("odd", "other place"),
});

function damagedFile({ which, at, from, odd, by }: Damage): unknown {
  const { file, paths } = files[which] ?? { file: "{}", paths: [] };
  const path = paths[at % paths.length] ?? [];
  const other = (paths[from % paths.length] ?? []).reduce((inner, key) => inner[key], JSON.parse(file));
  return put(JSON.parse(file), path, by === "odd" ? odd : other);
}

describe("a damaged file of a job", () => {
  it("is read, or refused with one sentence, and never ends the reader", () => {
    fc.assert(
      fc.property(damage, (how) => {
        const read = readJobDocument(damagedFile(how));
        if (!read.ok) expect(read.problem.message).toMatch(/^(In [^:]+: )?Expected [^\n]{10,400}$/);
      }),
      { seed: 20261126, numRuns: 800 },
    );
  });

  it("that is read is taken over whole and can be worked with, or leaves nothing behind", async () => {
    const count = async () => (await store.jobs.list({ search: "", page: 1 })).total;
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(damage, async (how) => {
        const read = readJobDocument(damagedFile(how));
        if (!read.ok) return;
        const before = await count();
        const answer = await store.inTransaction(async (all) => {
          const over = await takeOverJob(all, read.value, "copy");
          return over.ok ? trialOfJob(all, over.value) : over;
        });
        if (!isRefusal(answer)) taken += 1;
        expect(await count()).toBe(before + (isRefusal(answer) ? 0 : 1));
      }),
      { seed: 20261126, numRuns: 240 },
    );
    expect(taken).toBeGreaterThan(10);
  });
});
