import { describe, expect, it } from "vitest";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import { addWearer, temporaryStore, withPrototype } from "../testing/index.ts";
import { newIdentity } from "./identities.ts";

describe("identities", () => {
  it("are 32 hexadecimal digits, each its own", () => {
    const many = Array.from({ length: 200 }, newIdentity);
    for (const one of many) expect(one).toMatch(/^[0-9a-f]{32}$/);
    expect(new Set(many).size).toBe(200);
  });

  it("are there for whatever is added, and find it again", async () => {
    const { store } = await temporaryStore();
    const { jobId, wearerId } = await withPrototype(store);
    for (const [what, id] of [
      ["jobs", jobId],
      ["wearers", wearerId],
      ["cloths", 1],
    ] as const) {
      const identity = await store.identities.of(what, id);
      expect(identity).toMatch(/^[0-9a-f]{32}$/);
      expect(await store.identities.find(what, identity)).toBe(id);
    }
  });

  it("of one kind are never taken for another's", async () => {
    const { store } = await temporaryStore();
    const identity = await store.identities.of("wearers", await addWearer(store));
    expect(await store.identities.find("cloths", identity)).toBeNull();
    expect(await store.identities.find("wearers", newIdentity())).toBeNull();
  });

  it("can be those of the file something came from; of several bearers the first is found", async () => {
    const { store } = await temporaryStore();
    const [first, second] = [await store.cloths.add(SAMPLE_CLOTH), await store.cloths.add(SAMPLE_CLOTH)];
    const identity = newIdentity();
    await store.identities.set("cloths", second, identity);
    expect(await store.identities.find("cloths", identity)).toBe(second);
    await store.identities.set("cloths", first, identity);
    expect(await store.identities.find("cloths", identity)).toBe(first);
  });

  it("of a job that was taken off are not found until it is back", async () => {
    const { store } = await temporaryStore();
    const { jobId } = await withPrototype(store);
    const identity = await store.identities.of("jobs", jobId);
    await store.jobs.remove(jobId, "2026-11-26T10:00:00Z");
    expect(await store.identities.find("jobs", identity)).toBeNull();
    await store.jobs.restore(jobId);
    expect(await store.identities.find("jobs", identity)).toBe(jobId);
  });

  it("are asked only of what is here", async () => {
    const { store } = await temporaryStore();
    await expect(store.identities.of("jobs", 9)).rejects.toThrow(RangeError);
  });
});
