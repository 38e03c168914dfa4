import { describe, expect, it } from "vitest";
import { openStore } from "../../../data/store.ts";
import { OLDER_DATA_FILES, OLDER_JOB_FILES, olderDataFile, olderJobFiles } from "../../../data/testing/index.ts";
import { assertImported, exportJob, importJob } from "../../../data/transfer/index.ts";
import { readJobDocument } from "../../../formats/job/jobDocument.ts";
import { trialOfJob } from "./trialOfJob.ts";

describe("a data file of an earlier version", () => {
  it.each(OLDER_DATA_FILES)(
    "after migration %s opens: every job can be worked with and travels on",
    async (version) => {
      const store = await openStore(olderDataFile(version));
      const elsewhere = await openStore(":memory:");
      const jobs = (await store.jobs.list({ search: "", page: 1 })).rows;
      expect(jobs.length).toBeGreaterThanOrEqual(3);
      for (const { id, name, prototypeCount } of jobs) {
        expect([name, await trialOfJob(store, id)]).toEqual([name, { ok: true, value: null }]);
        const prototypes = await store.prototypes.ofJob(id);
        expect([name, prototypes.map(({ frozen }) => frozen.format)]).toEqual([name, Array(prototypeCount).fill(2)]);
        const file = readJobDocument(JSON.parse(JSON.stringify(await exportJob(store, id))));
        if (!file.ok) throw new Error(`${name}: ${file.problem.message}`);
        const taken = await elsewhere.inTransaction((all) => importJob(all, file.value, "same"));
        expect(await assertImported(elsewhere, taken, file.value)).toEqual({ ok: true, value: null });
      }
      await store.close();
      await elsewhere.close();
    },
  );
});

describe("a job's file of an earlier version", () => {
  it.each(OLDER_JOB_FILES)("after migration %s opens whole", async (version) => {
    const store = await openStore(":memory:");
    const files = olderJobFiles(version);
    expect(files.length).toBeGreaterThanOrEqual(8);
    for (const content of files) {
      const file = readJobDocument(content);
      if (!file.ok) throw new Error(file.problem.message);
      const id = await store.inTransaction((all) => importJob(all, file.value, "same"));
      expect([file.value.job.name, await assertImported(store, id, file.value)]).toEqual([
        file.value.job.name,
        { ok: true, value: null },
      ]);
      expect(await trialOfJob(store, id)).toEqual({ ok: true, value: null });
    }
    await store.close();
  });
});
