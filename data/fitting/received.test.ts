import { expect, it } from "vitest";
import { temporaryStore } from "../testing/index.ts";

it("keeps what was answered to a sending, so that it is done once", async () => {
  const { store } = await temporaryStore();
  expect(await store.received.find("a")).toBeNull();
  await store.received.put("a", "302 /jobs/1", "2026-11-26T10:00:00Z");
  await store.received.put("b", "400", "2026-11-26T10:00:01Z");
  expect([await store.received.find("a"), await store.received.find("b")]).toEqual(["302 /jobs/1", "400"]);
});

it("refuses a second answer to the same sending: the first one stands", async () => {
  const { store } = await temporaryStore();
  await store.received.put("a", "302", "2026-11-26T10:00:00Z");
  await expect(store.received.put("a", "400", "2026-11-26T10:00:01Z")).rejects.toThrow(/UNIQUE/);
  expect(await store.received.find("a")).toBe("302");
});

it("forgets the oldest where thousands came, never the newest", async () => {
  const { store, db } = await temporaryStore();
  const at = (second: number) => new Date(Date.UTC(2026, 0, 1) + second * 1000).toISOString();
  const rows = Array.from({ length: 5000 }, (_, second) => ({
    key: `k${second}`,
    answer: "302",
    received_at: at(second),
  }));
  for (let from = 0; from < rows.length; from += 250) await db("received").insert(rows.slice(from, from + 250));
  await store.received.put("last", "302", at(5000));
  expect(await store.received.find("k0")).toBeNull();
  expect([await store.received.find("k1"), await store.received.find("last")]).toEqual(["302", "302"]);
});
