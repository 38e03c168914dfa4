import { expect, it } from "vitest";
import { NEW_DAYS } from "../../core/days/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { openStore } from "../store.ts";
import { demoStore } from "../testing/index.ts";

const save = async (store: Awaited<ReturnType<typeof openStore>>, jobId: number, wantedOn: string) => {
  const { version } = await store.workings.find(jobId, "days");
  const working = { ...NEW_DAYS, wantedOn };
  savedOrThrow(await store.workings.save(jobId, "days", { working, texts: {}, version }));
};

it("tells of jobs under way whose days are planned, and of how all were sewn", async () => {
  const { store } = await demoStore();
  const { jobs, sewn } = await store.workings.underWay();
  expect(jobs.map(({ jobId }) => jobId).toSorted()).toEqual([2, 4, 8, 9]);
  expect(sewn.length).toBeGreaterThan(jobs.filter(({ sewing }) => Object.keys(sewing.done).length > 0).length);
  expect(jobs.find(({ jobId }) => jobId === 2)).toMatchObject({ wearerName: "Maro Dellinge", parts: null });
});

it("sees what was changed since, here and within a transaction", async () => {
  const { store } = await demoStore();
  const wanted = async () => (await store.workings.underWay()).jobs.find(({ jobId }) => jobId === 2)?.days.wantedOn;
  const first = await store.workings.underWay();
  expect((await store.workings.underWay()).jobs).toBe(first.jobs);
  await save(store, 2, "2098-01-02");
  expect(await wanted()).toBe("2098-01-02");
  await store.inTransaction(async ({ workings }) => {
    const { version } = await workings.find(2, "days");
    const working = { ...NEW_DAYS, wantedOn: "2098-01-03" };
    savedOrThrow(await workings.save(2, "days", { working, texts: {}, version }));
    expect((await workings.underWay()).jobs.find(({ jobId }) => jobId === 2)?.days.wantedOn).toBe("2098-01-03");
  });
  expect(await wanted()).toBe("2098-01-03");
  const job = await store.jobs.find(2);
  if (!job) throw new Error("The demo has a second job.");
  savedOrThrow(await store.jobs.save({ ...job, name: "Renamed" }));
  expect((await store.workings.underWay()).jobs.find(({ jobId }) => jobId === 2)?.name).toBe("Renamed");
});
