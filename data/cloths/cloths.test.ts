import { describe, expect, it } from "vitest";
import type { Cloth } from "../../core/cloth/index.ts";
import { SAMPLE_CLOTH, SAMPLE_TEST } from "../../core/testing/index.ts";
import { itKeeps, itLists, temporaryStore } from "../testing/index.ts";

const { id: _id, version: _version, ...jersey } = SAMPLE_CLOTH;
const CLOTHS: Parameters<typeof itLists<Cloth>>[1] = {
  of: ({ cloths }) => cloths,
  records: () => [
    jersey,
    {
      ...jersey,
      name: "Sable plush",
      kind: "elastic",
      composition: "80 polyamide, 20 elastane",
      rollWidthMm: 12,
      massGPerM2: 180.5,
      thicknessMm: 1.1,
      shrinkageAlong: 0.05,
      shrinkageAcross: 0.02,
      supplier: "Bram",
      elasticKind: "plush",
      notes: "Wash first.",
    },
  ],
};

itKeeps<Cloth>("cloths", CLOTHS);
itLists<Cloth>("cloths", CLOTHS);

describe("tests of a cloth", () => {
  const shelved = async () => {
    const { store } = await temporaryStore();
    const clothId = await store.cloths.add(jersey);
    const id = await store.cloths.addTest({ ...SAMPLE_TEST, clothId });
    return { ...store, clothId, id };
  };

  it("are struck out with a reason, and stand again", async () => {
    const { cloths, id } = await shelved();
    await cloths.strikeTest(id, "the clip slipped");
    expect((await cloths.findTest(id))?.struck).toBe("the clip slipped");
    await cloths.strikeTest(id, null);
    expect((await cloths.findTest(id))?.struck).toBeNull();
  });

  it("are turned, and keep the direction they were first written under", async () => {
    const { cloths, id } = await shelved();
    await cloths.turnTest(id, "along");
    expect(await cloths.findTest(id)).toMatchObject({ direction: "along", directionWas: "across" });
    await cloths.turnTest(id, "bias");
    expect(await cloths.findTest(id)).toMatchObject({ direction: "bias", directionWas: "across" });
  });

  it("come newest first", async () => {
    const { cloths, clothId } = await shelved();
    await cloths.addTest({ ...SAMPLE_TEST, clothId, testedOn: "2026-10-30" });
    await cloths.addTest({ ...SAMPLE_TEST, clothId, testedOn: "2026-01-30" });
    expect((await cloths.testsOf(clothId)).map(({ testedOn }) => testedOn)).toEqual([
      "2026-10-30",
      SAMPLE_TEST.testedOn,
      "2026-01-30",
    ]);
  });

  it("come with their cloths, each with its own", async () => {
    const { cloths, clothId, id } = await shelved();
    const bare = await cloths.add({ ...jersey, name: "Bare" });
    const found = await cloths.findAll([bare, clothId, 99]);
    expect(found.map(({ id, tests }) => [id, tests.map((test) => test.id)]).toSorted()).toEqual([
      [clothId, [id]],
      [bare, []],
    ]);
  });
});

it("offers elastics only, by name", async () => {
  const { store } = await temporaryStore();
  for (const [name, kind] of [
    ["Plush", "elastic"],
    ["Jersey", "knit"],
    ["Lace edge", "elastic"],
  ] as const)
    await store.cloths.add({ ...jersey, name, kind });
  expect((await store.cloths.elastics()).map(({ name }) => name)).toEqual(["Lace edge", "Plush"]);
});
