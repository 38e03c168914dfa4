import { beforeEach, describe, expect, it } from "vitest";
import { placeOf } from "../../core/fitting/index.ts";
import { tellEdit } from "../../core/job/index.ts";
import type { NewFinding } from "../fitting/index.ts";
import type { Store } from "../store.ts";
import { demoInMemory } from "../testing/index.ts";

let store: Store;
beforeEach(async () => {
  store = await demoInMemory();
  return () => store.close();
});

/** The job of the demo at its first fitting. */
const JOB = 2;

const fittingsOf = async (jobId: number) => {
  const prototypes = await store.prototypes.ofJob(jobId);
  return store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
};
const findingsOf = async (jobId: number) => (await fittingsOf(jobId)).flatMap(({ findings }) => findings);
const newest = async () => (await store.history.ofJob(JOB, 1)).rows[0];

async function newFinding(jobId: number): Promise<NewFinding> {
  const fitting = (await fittingsOf(jobId)).at(-1);
  return {
    ...{ fittingId: fitting?.id ?? 0, kind: "loose", spot: "hip", zone: "hip", side: "both" },
    ...placeOf("hip", "both", "front"),
    ...{ amountMm: 20, amountText: "20 mm", folded: false, detail: {}, note: "" },
  };
}

/** Puts a finding as an action does; what it needs is read before, since there is one connection. */
async function putFinding(): Promise<void> {
  const finding = await newFinding(JOB);
  await store.inTransaction(({ fittings }) => fittings.addFinding(finding));
}

describe("the history of a job", () => {
  it("holds what one action did as one edit, told in words", async () => {
    const finding = await newFinding(JOB);
    await store.inTransaction(async ({ fittings }) => {
      const id = await fittings.addFinding(finding);
      await fittings.addFinding({ ...finding, note: "again" });
      await fittings.setFindingRemoved(id, true);
    });
    const edit = await newest();
    expect(tellEdit(edit?.rows ?? []).map(({ words, mm }) => [words, mm])).toEqual([
      ["Finding put: loose, hip", 20],
      ["Finding put: loose, hip", 20],
      ["Finding taken off: loose, hip", 20],
    ]);
    expect(edit).toMatchObject({ undoes: null, undone: false });
  });

  it("holds nothing of an action that failed, and nothing for a save that changed nothing", async () => {
    const before = (await newest())?.id;
    const finding = await newFinding(JOB);
    const failing = store.inTransaction(async ({ fittings }) => {
      await fittings.addFinding(finding);
      throw new Error("stopped");
    });
    await expect(failing).rejects.toThrow("stopped");
    await store.inTransaction(async ({ jobs }) => {
      const job = await jobs.find(JOB);
      if (job) await jobs.save(job);
    });
    expect((await newest())?.id).toBe(before);
  });

  it("takes an edit back, and that back again", async () => {
    await putFinding();
    const count = (await findingsOf(JOB)).length;
    const put = await newest();
    expect(await store.undoEdit(JOB, put?.id ?? 0)).toEqual({ ok: true, value: null });
    expect(await findingsOf(JOB)).toHaveLength(count - 1);
    const undo = await newest();
    expect(undo).toMatchObject({ undoes: put?.id });
    expect((await store.history.ofJob(JOB, 1)).rows.find(({ id }) => id === put?.id)?.undone).toBe(true);
    expect((await store.undoEdit(JOB, undo?.id ?? 0)).ok).toBe(true);
    expect(await findingsOf(JOB)).toHaveLength(count);
    expect((await store.history.ofJob(JOB, 1)).rows.find(({ id }) => id === put?.id)?.undone).toBe(false);
  });

  it("puts a photo out of sight and back, and never loses its bytes", async () => {
    const fittingId = (await fittingsOf(JOB))[0]?.id ?? 0;
    const bytes = new Uint8Array([1, 2, 3]);
    await store.inTransaction(({ fittings }) => fittings.addPhoto(fittingId, null, { type: "image/png", bytes }));
    await store.undoEdit(JOB, (await newest())?.id ?? 0);
    expect(await store.fittings.loosePhotos(fittingId)).toEqual([]);
    await store.undoEdit(JOB, (await newest())?.id ?? 0);
    const [photo] = await store.fittings.loosePhotos(fittingId);
    expect(Buffer.from((await store.fittings.photo(photo ?? 0))?.bytes ?? [])).toEqual(Buffer.from(bytes));
  });

  it("raises the version of what it turned back, so that an open window does not overwrite it unseen", async () => {
    const job = await store.jobs.find(JOB);
    if (!job) throw new Error("The job is there.");
    await store.inTransaction(({ jobs }) => jobs.save({ ...job, school: "fixed" }));
    await store.undoEdit(JOB, (await newest())?.id ?? 0);
    const now = await store.jobs.find(JOB);
    expect(now).toMatchObject({ school: job.school, version: job.version + 2 });
    expect((await store.jobs.save({ ...job, school: "share", version: job.version + 1 })).saved).toBe(false);
  });

  it("refuses what was edited since, and leaves everything as it is", async () => {
    const [finding] = await findingsOf(JOB);
    if (!finding) throw new Error("The demo's job has findings.");
    const note = (words: string, version: number) =>
      store.inTransaction(({ fittings }) => fittings.saveFinding({ ...finding, note: words, version }));
    await note("first", 1);
    const first = await newest();
    await note("second", 2);
    expect(await store.undoEdit(JOB, first?.id ?? 0)).toMatchObject({ ok: false, problem: { code: "edit-overtaken" } });
    expect((await findingsOf(JOB))[0]?.note).toBe("second");
  });

  it("refuses what something later rests on, another job's edit, and the start of the job itself", async () => {
    await putFinding();
    const put = await newest();
    const finding = (await findingsOf(JOB)).at(-1);
    await store.inTransaction(({ changes }) =>
      changes.decide(JOB, {
        ...{ findingId: finding?.id ?? 0, decision: "refused", on: "girth", remedy: "", spot: "hip", zone: "hip" },
        ...{
          side: "both",
          lengthId: "",
          pieces: "",
          line: "",
          blend: "",
          parts: [],
          strain: null,
          share: null,
          proposedMm: null,
        },
        ...{ amountMm: null, seams: 2, linked: [], untickedReason: "", waitsFor: "", reason: "no", version: 0 },
      }),
    );
    expect(await store.undoEdit(JOB, put?.id ?? 0)).toMatchObject({ ok: false, problem: { code: "edit-closed" } });
    expect(await store.undoEdit(1, put?.id ?? 0)).toMatchObject({ ok: false, problem: { code: "edit-unknown" } });
    const first = (await store.history.ofJob(JOB, 99)).rows.at(-1);
    expect((await store.undoEdit(JOB, first?.id ?? 0)).ok).toBe(false);
    expect(await store.jobs.find(JOB)).not.toBeNull();
  });
});

describe("a closed prototype", () => {
  it("takes no finding, reading, check, photo, girth or fitting, from whoever tries", async () => {
    const [closed] = await store.prototypes.ofJob(1);
    const [fitting] = await store.fittings.ofPrototypes([closed?.id ?? 0]);
    const [finding] = fitting?.findings ?? [];
    if (!closed || !fitting || !finding) throw new Error("The demo's first job has a closed prototype.");
    const { fittings, prototypes } = store;
    const tries: readonly (() => Promise<unknown>)[] = [
      async () => fittings.addFinding({ ...(await newFinding(1)), fittingId: fitting.id }),
      () => fittings.addReading({ ...fitting.readings[0], fittingId: fitting.id } as never),
      () => fittings.saveCheck(fitting.id, { check: "sit", outcome: "pass", note: "" }),
      () => fittings.addPhoto(fitting.id, null, { type: "image/png", bytes: new Uint8Array(4) }),
      () => fittings.add({ ...fitting, prototypeId: closed.id }),
      () => fittings.saveHead({ ...fitting, notes: "changed" }),
    ];
    for (const attempt of tries) await expect(attempt()).rejects.toThrow("a closed prototype is only annotated");
    expect((await prototypes.saveSewn(closed, { sewn: [], sewnLengths: [] })).saved).toBe(false);
  });

  it("is closed by the next, and can still be annotated", async () => {
    const [first, second] = await store.prototypes.ofJob(1);
    expect([first?.closedOn, second?.closedOn]).toEqual(["2026-10-11", null]);
    await store.prototypes.annotate(first?.id ?? 0, { writtenOn: "2026-11-25", text: "It ran in the wash." });
    expect((await store.prototypes.find(1, 1))?.annotations).toMatchObject([{ text: "It ran in the wash." }]);
  });

  it("is opened again by taking back the start of the next, as long as nothing was put down there", async () => {
    const last = (await store.prototypes.ofJob(JOB)).at(-1);
    if (!last) throw new Error("The demo's second job has a prototype.");
    await store.inTransaction(({ prototypes }) =>
      prototypes.start({
        jobId: JOB,
        number: last.number + 1,
        kind: "sewn",
        startedOn: "2026-11-25",
        frozen: last.frozen,
      }),
    );
    expect((await store.prototypes.find(JOB, last.number))?.closedOn).toBe("2026-11-25");
    expect((await store.undoEdit(JOB, (await newest())?.id ?? 0)).ok).toBe(true);
    const now = await store.prototypes.ofJob(JOB);
    expect(now.map(({ closedOn }) => closedOn)).toEqual([null]);
  });
});
