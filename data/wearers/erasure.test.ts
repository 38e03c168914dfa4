import { readFileSync } from "node:fs";
import { describe, expect, it, vi } from "vitest";
import { newJob } from "../../core/job/index.ts";
import { draftKindsOf, draftName, isDraftName } from "../../formats/kept/draftNames.ts";
import { addDemoWorkshop } from "../demo/index.ts";
import { temporaryStore } from "../testing/index.ts";

/** Everything that lies in the data file and beside it, as bytes read as text. */
const bytesOf = (file: string): string =>
  ["", "-wal", "-shm"]
    .map((ending) => {
      try {
        return readFileSync(file + ending, "latin1");
      } catch {
        return "";
      }
    })
    .join("");

describe("erasing a wearer", () => {
  it("takes everything that hangs on them, leaves everybody else, and no trace in the file", async () => {
    const { store, db, file } = await temporaryStore();
    await addDemoWorkshop(store);
    await store.drafts.put("sheet:1", { notes: "half-typed about Thornbeck" }, "2026-11-24T10:00:00Z");
    await store.drafts.put("decision:1", { reason: "half-typed" }, "2026-11-24T10:00:00Z");
    await store.drafts.put("sheet:2", { notes: "about somebody else" }, "2026-11-24T10:00:00Z");
    expect(bytesOf(file)).toContain("Thornbeck");

    expect(await store.eraseWearer(1)).toEqual({ sheets: 3, jobs: 3, clean: true });

    expect(await store.wearers.find(1)).toBeNull();
    expect(await store.sheets.ofWearer(1)).toEqual([]);
    expect((await store.jobs.list({ search: "", page: 1 })).rows.map(({ wearerId }) => wearerId)).toEqual([
      7, 6, 6, 4, 2, 5, 5, 3, 2,
    ]);
    expect(await db("body_wraps").pluck("wearer_id")).toEqual([]);
    expect(await db("job_workings").distinct("job_id").pluck("job_id")).toEqual([2, 5, 6, 7, 9, 10, 11, 12]);
    expect(await db("prototype_pieces").pluck("prototype_id")).toHaveLength(7);
    expect(await db("findings").pluck("fitting_id")).toHaveLength(12);
    expect(await db("job_edit_rows").whereIn("job_id", [1, 8]).pluck("id")).toEqual([]);
    expect(await db.raw("select rowid from finding_words where finding_words match 'belly'")).toEqual([]);
    await db.raw("insert into finding_words (finding_words) values ('integrity-check')");
    expect(Object.keys(await store.drafts.findAll(["sheet:1", "decision:1", "sheet:2"]))).toEqual(["sheet:2"]);
    const left = bytesOf(file);
    for (const trace of [
      "Thornbeck",
      "High-waisted",
      "Stands off in the small",
      "Folds under the belly",
      "going in circles",
      "74.2",
      "Grey everyday brief",
      "First wrap, standing",
    ])
      expect(left).not.toContain(trace);
    expect(left).toContain("Dellinge");
  });

  it("never gives a number again that was erased: an old tab meets nobody else", async () => {
    const { store } = await temporaryStore();
    await addDemoWorkshop(store);
    const jobs = (await store.jobs.list({ search: "", page: 1 })).rows.map(({ id }) => id);
    const [wearer] = (await store.wearers.list({ search: "", page: 1 })).rows;
    if (!wearer) throw new Error("The demo has wearers.");
    for (const { id } of (await store.wearers.list({ search: "", page: 1 })).rows) await store.eraseWearer(id);
    const again = await store.wearers.add({ ...wearer, name: "New" });
    expect(again).toBeGreaterThan(5);
    expect(
      await store.jobs.add({
        ...newJob({ name: "New", styleId: "brief", wearerId: again, sheetId: null, girthDirection: "across" }),
      }),
    ).toBeGreaterThan(Math.max(...jobs));
  });

  it("says when another program kept it from the whole of it, and finishes later", async () => {
    const { store, db } = await temporaryStore();
    await addDemoWorkshop(store);
    const raw = db.raw.bind(db);
    const held = vi
      .spyOn(db, "raw")
      .mockImplementation(((sql: string) =>
        sql.includes("wal_checkpoint") ? Promise.resolve([{ busy: 1, log: 9, checkpointed: 2 }]) : raw(sql)) as never);
    expect((await store.eraseWearer(1)).clean).toBe(false);
    held.mockRestore();
    expect(await store.finishErasing()).toBe(true);
    expect(await db("settings").where({ name: "scrubPending" })).toEqual([]);
  });

  it("knows a form that is kept by its owner, and keeps no other", () => {
    for (const kind of ["erase", "passphrase", "sheet:1:2:3:4:5"]) expect(isDraftName(kind)).toBe(false);
    expect(isDraftName(draftName("working", 3, "cup"))).toBe(true);
    expect(draftKindsOf("wearer")).toContain("sheet");
  });

  it("does not take a wearer whose number only begins alike", async () => {
    const { store } = await temporaryStore();
    for (let count = 1; count <= 11; count += 1)
      await store.wearers.add({ name: `W${count}`, kind: "person", child: false, allergies: "", notes: "" });
    await store.drafts.put("sheet:11", { notes: "kept" }, "2026-11-24T10:00:00Z");
    await store.eraseWearer(1);
    expect(await store.drafts.find("sheet:11")).toEqual({ notes: "kept" });
    expect(await store.wearers.find(11)).not.toBeNull();
  });
});
