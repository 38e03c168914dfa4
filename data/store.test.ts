import { mkdirSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import type { Prototype } from "../core/fitting/index.ts";
import { newJob } from "../core/job/index.ts";
import { SAMPLE_CLOTH, SAMPLE_SHEET, sampleChange, sampleFinding, sampleFrozen } from "../core/testing/index.ts";
import { DataFileMissingError } from "./db/index.ts";
import { openStore, type Store } from "./store.ts";
import { temporaryFolder, temporaryStore } from "./testing/index.ts";

/** A wearer, a cloth and a job with prototype 1, its fitting and a finding. */
async function withPrototype(store: Store) {
  const wearerId = await store.wearers.add({
    name: "Ilva Thornbeck",
    kind: "person",
    child: false,
    allergies: "",
    notes: "",
  });
  const sheetId = await store.sheets.add({ ...SAMPLE_SHEET, wearerId });
  const clothId = await store.cloths.add({ ...SAMPLE_CLOTH, name: "Heron jersey" });
  const jobId = await store.jobs.add(
    newJob({
      name: "Brief",
      styleId: "brief",
      wearerId,
      sheetId,
      clothId,
      girthDirection: "across",
      school: "share",
    }),
  );
  const frozen = sampleFrozen();
  await store.prototypes.start({ jobId, number: 1, kind: "sewn", startedOn: "2026-10-02", frozen });
  const prototype = (await store.prototypes.find(jobId, 1)) as Prototype;
  const fittingId = await store.fittings.add({
    prototypeId: prototype.id,
    fittedOn: "2026-10-04",
    on: "wearer",
    way: "rightSideOut",
    over: "",
    notes: "",
  });
  const findingId = await store.fittings.addFinding({ ...sampleFinding(), fittingId });
  return { wearerId, sheetId, jobId, prototype, fittingId, findingId };
}

const decision = (findingId: number, version: number, amountMm = -13) => ({
  ...sampleChange({ amountMm }),
  findingId,
  version,
});

describe("two windows", () => {
  it("never overwrite one another: the later save is refused and shown the newer row", async () => {
    const { store } = await temporaryStore();
    const id = await store.wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" });
    const read = await store.wearers.find(id);
    if (!read) throw new Error("The wearer is there.");
    expect((await store.wearers.save({ ...read, notes: "from window one" })).saved).toBe(true);
    const second = await store.wearers.save({ ...read, notes: "from window two" });
    expect(second).toMatchObject({ saved: false, theirs: { notes: "from window one", version: 2 } });
  });

  it("start one prototype of a number", async () => {
    const { store } = await temporaryStore();
    const { jobId } = await withPrototype(store);
    const again = { jobId, number: 1, kind: "sewn", startedOn: "2026-10-02", frozen: sampleFrozen() } as const;
    expect(await store.prototypes.start(again)).toBeNull();
    expect(await store.prototypes.ofJob(jobId)).toHaveLength(1);
  });

  it("decide once: the second word on the same version is refused", async () => {
    const { store } = await temporaryStore();
    const { jobId, findingId } = await withPrototype(store);
    expect((await store.changes.decide(jobId, decision(findingId, 0))).saved).toBe(true);
    expect(await store.changes.decide(jobId, decision(findingId, 0, -20))).toMatchObject({
      saved: false,
      theirs: { amountMm: -13 },
    });
    expect((await store.changes.decide(jobId, decision(findingId, 1, -20))).saved).toBe(true);
  });
});

describe("a transaction", () => {
  it("saves all or nothing", async () => {
    const { store } = await temporaryStore();
    const broken = store.inTransaction(async ({ wearers, jobs }) => {
      await wearers.add({ name: "Half", kind: "person", child: false, allergies: "", notes: "" });
      await jobs.add(
        newJob({
          name: "No such wearer",
          styleId: "brief",
          wearerId: 999,
          sheetId: null,
          clothId: null,
          girthDirection: "across",
          school: null,
        }),
      );
    });
    await expect(broken).rejects.toThrow(/FOREIGN KEY/);
    expect((await store.wearers.list({ search: "", page: 1 })).total).toBe(0);
  });

  it("does not tell bound values in its errors", async () => {
    const { store } = await temporaryStore();
    const secret = {
      name: "Secret Name",
      styleId: "brief",
      wearerId: 999,
      sheetId: null,
      clothId: null,
      girthDirection: "across",
      school: null,
    } as const;
    const error = await store.jobs.add(newJob(secret)).catch((cause: Error) => cause);
    expect(String(error)).not.toContain("Secret Name");
  });
});

describe("a frozen prototype", () => {
  it("stays as it was when its sheet's wearer, cloth and job change", async () => {
    const { store } = await temporaryStore();
    const { jobId, wearerId, prototype } = await withPrototype(store);
    await store.sheets.add({
      ...SAMPLE_SHEET,
      wearerId,
      values: [{ code: "waist", side: "single", text: "99", mm: 990 }],
    });
    const job = await store.jobs.find(jobId);
    if (!job) throw new Error("The job is there.");
    await store.jobs.save({ ...job, school: "fixed" });
    expect((await store.prototypes.find(jobId, 1))?.frozen).toEqual(prototype.frozen);
  });

  it("cannot be rewritten even past the repository", async () => {
    const { store, db } = await temporaryStore();
    await withPrototype(store);
    await expect(db("prototypes").update({ frozen: "{}" })).rejects.toThrow("a frozen plan cannot be changed");
  });

  it("keeps girths as sewn apart from the plan, and raises its version", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype } = await withPrototype(store);
    const sewn = [{ zone: "waist", side: "single", text: "33.1 cm", sewnMm: 662 }] as const;
    const sewnLengths = [{ id: "backRise", text: "34 cm", sewnMm: 340 }];
    expect((await store.prototypes.saveSewn(prototype, { sewn, sewnLengths })).saved).toBe(true);
    expect((await store.prototypes.saveSewn(prototype, { sewn: [], sewnLengths: [] })).saved).toBe(false);
    expect(await store.prototypes.find(jobId, 1)).toMatchObject({ sewn, sewnLengths });
  });
});

describe("findings", () => {
  it("can be taken off and brought back until their change is cut", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, findingId } = await withPrototype(store);
    const findings = async () =>
      (await store.fittings.ofPrototypes([prototype.id])).flatMap((fitting) => fitting.findings);
    expect(await store.fittings.setFindingRemoved(findingId, true)).toBe(true);
    expect(await findings()).toEqual([]);
    await store.fittings.setFindingRemoved(findingId, false);
    await store.changes.decide(jobId, decision(findingId, 0));
    const [change] = (await findings()).map((finding) => finding.change);
    const frozen = sampleFrozen([{ changeId: change?.id ?? 0, zone: "waist", side: "both", amountMm: -13 }]);
    await store.prototypes.start({ jobId, number: 2, kind: "sewn", startedOn: "2026-10-10", frozen });
    expect((await findings())[0]?.change?.cutInto).toBe(2);
    expect(await store.fittings.setFindingRemoved(findingId, true)).toBe(false);
    expect(await store.changes.withdraw(jobId, change?.id ?? 0, 1)).toBe(false);
    expect((await store.changes.decide(jobId, decision(findingId, 1, -20))).saved).toBe(false);
  });

  it("know their job, removed ones included", async () => {
    const { store } = await temporaryStore();
    const { jobId, findingId } = await withPrototype(store);
    await store.fittings.setFindingRemoved(findingId, true);
    expect(await store.fittings.jobOf("finding", findingId)).toBe(jobId);
    expect(await store.fittings.jobOf("reading", 1)).toBeNull();
  });

  it("teach what their changes did, in cloth of one stretch class and made up in the real cloth", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, fittingId, findingId } = await withPrototype(store);
    const { usable } = prototype.frozen.stretch;
    const outcomes = (from: number, to = Number.POSITIVE_INFINITY) => store.fittings.outcomesIn({ from, to });
    const decided = await store.changes.decide(jobId, { ...decision(findingId, 0), share: 0.5 });
    const changeId = decided.saved ? decided.value.id : 0;
    expect(await outcomes(0)).toEqual([]);
    await store.changes.judge(changeId, { fittingId, residualMm: 4, verdict: "better", note: "" });
    const [finding] = (await store.fittings.ofPrototypes([prototype.id])).flatMap(({ findings }) => findings);
    const amountMm = finding?.amountMm ?? 0;
    expect(await outcomes(usable)).toEqual([{ kind: finding?.kind, amountMm, doneMm: amountMm / 2, residualMm: 4 }]);
    expect(await outcomes(0, usable)).toEqual([]);
    expect(await outcomes(usable + 0.01)).toEqual([]);
    await store.fittings.setFindingRemoved(findingId, true);
    expect(await outcomes(0)).toEqual([]);
  });

  it("keep one judgement, the last", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, fittingId, findingId } = await withPrototype(store);
    const decided = await store.changes.decide(jobId, decision(findingId, 0));
    const changeId = decided.saved ? decided.value.id : 0;
    await store.changes.judge(changeId, { fittingId, residualMm: 4, verdict: "better", note: "" });
    await store.changes.judge(changeId, { fittingId, residualMm: 0, verdict: "cured", note: "after a walk" });
    const [finding] = (await store.fittings.ofPrototypes([prototype.id])).flatMap((fitting) => fitting.findings);
    expect(finding?.judgement).toEqual({ fittingId, residualMm: 0, verdict: "cured", note: "after a walk" });
  });
});

describe("lists", () => {
  it("find a part of a name, take wildcards literally and turn pages", async () => {
    const { store } = await temporaryStore();
    for (let index = 1; index <= 51; index += 1) {
      await store.wearers.add({
        name: `Wearer ${String(index).padStart(2, "0")}${index === 7 ? " 100%" : ""}`,
        kind: "person",
        child: false,
        allergies: "",
        notes: "",
      });
    }
    const first = await store.wearers.list({ search: "wearer", page: 1 });
    expect([first.total, first.pageCount, first.rows.length]).toEqual([51, 2, 50]);
    expect((await store.wearers.list({ search: "", page: 99 })).rows.map(({ name }) => name)).toEqual(["Wearer 51"]);
    expect((await store.wearers.list({ search: "0%", page: 1 })).rows.map(({ name }) => name)).toEqual([
      "Wearer 07 100%",
    ]);
  });
});

describe("drafts", () => {
  it("are kept by form, replaced and dropped", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:1", { "waist.single": "7" }, "2026-11-24T10:00:00Z");
    await store.drafts.put("sheet:1", { "waist.single": "74.2" }, "2026-11-24T10:00:01Z");
    expect(await store.drafts.findAll(["sheet:1", "sheet:2"])).toEqual({ "sheet:1": { "waist.single": "74.2" } });
    await store.drafts.drop("sheet:1");
    expect(await store.drafts.find("sheet:1")).toBeNull();
  });
});

describe("the file itself", () => {
  it("and its folder are their owner's only, those of an earlier version too", async () => {
    const folder = join(temporaryFolder(), "var");
    mkdirSync(folder, { mode: 0o755 });
    const file = join(folder, "stenz.sqlite");
    writeFileSync(file, "", { mode: 0o644 });
    const store = await openStore(file);
    await store.wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" });
    const mode = (path: string) => statSync(path).mode & 0o777;
    expect([mode(folder), mode(file)]).toEqual([0o700, 0o600]);
    await store.close();
  });

  it("in a folder with other things leaves that folder as it is", async () => {
    const folder = join(temporaryFolder(), "shared");
    mkdirSync(folder, { mode: 0o755 });
    writeFileSync(join(folder, "letter.txt"), "");
    await (await openStore(join(folder, "stenz.sqlite"))).close();
    expect(statSync(folder).mode & 0o777).toBe(0o755);
    expect(statSync(join(folder, "stenz.sqlite")).mode & 0o777).toBe(0o600);
  });

  it("that was deleted or replaced is noticed before the next thing is called saved", async () => {
    const file = join(temporaryFolder(), "stenz.sqlite");
    const store = await openStore(file);
    const add = () =>
      store.inTransaction(({ wearers }) =>
        wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" }),
      );
    await add();
    renameSync(file, `${file}.moved`);
    await expect(add()).rejects.toThrow(DataFileMissingError);
    writeFileSync(file, "another");
    await expect(add()).rejects.toThrow(DataFileMissingError);
    rmSync(file);
    renameSync(`${file}.moved`, file);
    await add();
    expect((await store.wearers.list({ search: "", page: 1 })).total).toBe(2);
    await store.close();
  });

  it("keeps nothing of an action whose answer is a refusal", async () => {
    const { store } = await temporaryStore();
    const refusals = [
      { ok: false },
      { saved: false, theirs: null },
      { init: { status: 409 } },
      new Response("", { status: 400 }),
    ];
    for (const refusal of refusals) {
      const answer = await store.inTransaction(async ({ drafts }) => {
        await drafts.put("sheet:1", { waist: "74" }, "2026-11-25T10:00:00Z");
        return refusal;
      });
      expect(answer).toBe(refusal);
      expect(await store.drafts.find("sheet:1")).toBeNull();
    }
    const redirect = new Response(null, { status: 302, headers: { Location: "/" } });
    await store.inTransaction(async ({ drafts }) => {
      await drafts.put("sheet:1", { waist: "74" }, "2026-11-25T10:00:00Z");
      return redirect;
    });
    expect(await store.drafts.find("sheet:1")).toEqual({ waist: "74" });
  });
});
