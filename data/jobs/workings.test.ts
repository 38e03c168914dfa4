import { expect, it } from "vitest";
import { NEW_WIRE } from "../../core/band/index.ts";
import { newJob } from "../../core/job/index.ts";
import { temporaryStore } from "../testing/index.ts";
import { bareWorkings, keptIds, workingsKept } from "./workings.ts";

async function withJob() {
  const { store, db } = await temporaryStore();
  const wearerId = await store.wearers.add({ name: "W", kind: "person", child: false, allergies: "", notes: "" });
  const job = newJob({ name: "J", styleId: "wiredBra", wearerId, sheetId: null, girthDirection: "across" });
  return { store, db, wearerId, jobId: await store.jobs.add(job) };
}

it("keeps each working with its texts and its own version", async () => {
  const { store, jobId } = await withJob();
  const wire = { ...NEW_WIRE, channelMm: 262.5 };
  await store.workings.save(jobId, "wire", { working: wire, texts: { channelMm: "262.5 mm" }, version: 0 });
  const kept = await store.workings.ofJob(jobId);
  expect(kept.wire).toEqual({ working: wire, texts: { channelMm: "262.5 mm" }, version: 1 });
  expect(kept.band).toMatchObject({ version: 0, working: { rigidMm: null } });
  expect(keptIds(kept)).toEqual(["wire"]);
  expect(workingsKept(kept)).toEqual({ wire });
  expect(bareWorkings(kept).wire).toEqual(wire);
});

it("refuses to save over a newer one, and over one that another window began", async () => {
  const { store, jobId } = await withJob();
  const save = (version: number, wireMm: number) =>
    store.workings.save(jobId, "wire", { working: { ...NEW_WIRE, wireMm }, texts: {}, version });
  expect((await save(0, 240)).saved).toBe(true);
  expect(await save(0, 250)).toMatchObject({ saved: false, theirs: { version: 1, working: { wireMm: 240 } } });
  expect((await save(1, 250)).saved).toBe(true);
  expect(await save(1, 260)).toMatchObject({ saved: false, theirs: { version: 2, working: { wireMm: 250 } } });
});

it("fills in entries that came later than the row", async () => {
  const { store, db, jobId } = await withJob();
  await db("job_workings").insert({ job_id: jobId, kind: "wire", content: '{"wireMm":240}', texts: "{}" });
  expect((await store.workings.find(jobId, "wire")).working).toEqual({ ...NEW_WIRE, wireMm: 240 });
});

it("keeps body wraps by wearer, newest first, and refuses a stale edit", async () => {
  const { store, wearerId } = await withJob();
  const wrap = {
    wearerId,
    notes: "",
    edges: [{ piece: "Front", lengthMm: 190.5, counts: "waist", twice: true, seam: "A" }],
  } as const;
  await store.wraps.add({ ...wrap, name: "Old", takenOn: "2026-01-02" });
  const id = await store.wraps.add({ ...wrap, name: "New", takenOn: "2026-03-02" });
  expect((await store.wraps.ofWearer(wearerId)).map(({ name }) => name)).toEqual(["New", "Old"]);
  const found = await store.wraps.find(id);
  if (!found) throw new Error("not found");
  expect(found.edges).toEqual(wrap.edges);
  expect((await store.wraps.save({ ...found, name: "Newer" })).saved).toBe(true);
  expect(await store.wraps.save({ ...found, name: "Lost" })).toMatchObject({ saved: false, theirs: { name: "Newer" } });
  await store.wraps.remove(id);
  expect(await store.wraps.find(id)).toBeNull();
});
