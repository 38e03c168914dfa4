import { describe, expect, it } from "vitest";
import type { BodyWrap } from "../../core/torso/index.ts";
import { addWearer, itKeeps, temporaryStore } from "../testing/index.ts";

const STANDING = (wearerId: number): Omit<BodyWrap, "id" | "version"> => ({
  wearerId,
  name: "Standing",
  takenOn: "2026-10-02",
  notes: "",
  edges: [
    { piece: "Front", lengthMm: 190.5, counts: "waist", twice: true, seam: "A" },
    { piece: "Back", lengthMm: 184, counts: "none", twice: false, seam: "" },
  ],
});

itKeeps<BodyWrap>("body wraps", {
  of: ({ wraps }) => wraps,
  beside: addWearer,
  records: (wearerId) => [
    STANDING(wearerId),
    { ...STANDING(wearerId), name: "Seated", takenOn: "2026-11-02", notes: "In film.", edges: [] },
  ],
});

describe("body wraps of a wearer", () => {
  it("come newest first, of one day the last taken first", async () => {
    const { store } = await temporaryStore();
    const [ours, theirs] = [await addWearer(store), await addWearer(store, "Orla Fenn")];
    for (const takenOn of ["2026-10-02", "2026-11-02", "2026-10-02"])
      await store.wraps.add({ ...STANDING(ours), takenOn });
    await store.wraps.add(STANDING(theirs));
    expect((await store.wraps.ofWearer(ours)).map(({ id }) => id)).toEqual([2, 3, 1]);
    expect(await store.wraps.ofWearer(theirs)).toHaveLength(1);
  });

  it("are taken off one by one", async () => {
    const { store } = await temporaryStore();
    const wearerId = await addWearer(store);
    const [first, second] = [await store.wraps.add(STANDING(wearerId)), await store.wraps.add(STANDING(wearerId))];
    await store.wraps.remove(first);
    expect(await store.wraps.find(first)).toBeNull();
    expect(await store.wraps.find(second)).not.toBeNull();
  });
});
