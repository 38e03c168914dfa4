import { expect, it } from "vitest";
import type { LikedGarment } from "../../core/ease/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import { addWearer, itKeeps, temporaryStore } from "../testing/index.ts";

const brief = (wearerId: number): Omit<LikedGarment, "id" | "version"> => ({
  wearerId,
  name: "Grey brief",
  measuredOn: "2026-10-02",
  clothId: null,
  direction: "across",
  usable: 0.45,
  widthsMm: { waist: 329, hip: 410.5 },
  lengthsMm: {},
  notes: "",
});

itKeeps<LikedGarment>("garments that fit", {
  of: ({ liked }) => liked,
  beside: addWearer,
  records: (wearerId) => [
    brief(wearerId),
    {
      ...brief(wearerId),
      name: "Black one",
      measuredOn: "2026-11-02",
      direction: "bias",
      usable: null,
      widthsMm: {},
      lengthsMm: { frontRise: 220 },
      notes: "Worn two years.",
    },
  ],
});

it("keep the cloth they are made of where it stands on the shelf", async () => {
  const { store } = await temporaryStore();
  const clothId = await store.cloths.add(SAMPLE_CLOTH);
  const id = await store.liked.add({ ...brief(await addWearer(store)), clothId });
  expect(await store.liked.find(id)).toMatchObject({ clothId });
});

it("are never kept for a wearer that is not there", async () => {
  const { store } = await temporaryStore();
  await expect(store.liked.add(brief(99))).rejects.toThrow(/FOREIGN KEY/);
});
