import { describe, expect, it } from "vitest";
import type { Cloth } from "../../core/cloth/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import type { Repositories } from "../../data/store.ts";
import { errorsOf } from "../form/errorsOf.ts";
import type { Fields } from "../form/unsaved.ts";
import { clothFields, readCloth } from "./clothForm.server.ts";
import { clothChoice, clothIdOf, layerFields, layupFields } from "./layupFields.ts";
import { readLayup } from "./layupForm.server.ts";

describe("a cloth", () => {
  const whole: Cloth = {
    ...SAMPLE_CLOTH,
    kind: "elastic",
    elasticKind: "plush",
    rollWidthMm: 12,
    thicknessMm: 1.4,
    massGPerM2: 310.5,
    finishAllowanceMm: 12,
    shrinkageAlong: 0.035,
    shrinkageAcross: 0,
    supplier: "second shelf",
    composition: "74 % polyamide",
    notes: "soft side in",
  };

  it("is edited from what it is, and comes back the same", () => {
    const { id: _id, version: _version, ...value } = whole;
    expect(readCloth(clothFields(whole))).toEqual({ ok: true, value });
  });

  it("forgets what only an elastic has", () => {
    const read = readCloth({ ...clothFields(whole), kind: "knit" });
    expect(read.ok && read.value).toMatchObject({ elasticKind: null, finishAllowanceMm: null });
  });

  it.each([
    [{ rollWidth: "wide" }, "rollWidth"],
    [{ rollWidth: "0" }, "rollWidth"],
    [{ thickness: "5 cm" }, "thickness"],
    [{ mass: "-4" }, "mass"],
    [{ shrinkageAlong: "50 %" }, "shrinkageAlong"],
    [{ shrinkageAcross: "a bit" }, "shrinkageAcross"],
    [{ kind: "felt" }, "kind"],
  ])("has the error of %o beside its field", (own: Fields, name) => {
    expect(Object.keys(errorsOf(readCloth({ ...clothFields(whole), ...own })))).toEqual([name]);
  });
});

describe("a layup", () => {
  const shelf = [
    { ...SAMPLE_CLOTH, id: 3, name: "Heron" },
    { ...SAMPLE_CLOTH, id: 4, name: "Sable" },
    { ...SAMPLE_CLOTH, id: 5, name: "Sable" },
  ];
  const cloths = {
    find: async (id: number) => shelf.find((cloth) => cloth.id === id) ?? null,
    list: async ({ search }: { search: string }) => {
      const rows = shelf.filter(({ name }) => name.includes(search)).map((cloth) => ({ ...cloth, tests: [] }));
      return { rows, total: rows.length, page: 1, pageCount: 1 };
    },
  } as unknown as Repositories["cloths"];
  const layers = (...texts: string[]): Fields =>
    Object.assign(
      { name: "Front" },
      ...texts.map((text, index) => ({
        [layerFields(index).cloth]: text,
        [layerFields(index).direction]: "across",
        [layerFields(index).role]: "lining",
      })),
    );
  const read = (fields: Fields) => readLayup(fields, { cloths });

  it("finds cloths by what was picked, or by a name there is once", async () => {
    const layup = await read(layers("Heron", "Sable · 5"));
    expect(layup.ok && layup.value.layers.map(({ clothId }) => clothId)).toEqual([3, 5]);
    expect(clothIdOf(clothChoice({ id: 5, name: "Sable · 7" }))).toBe(5);
  });

  it.each([
    [["Sable", "Heron"], "layers[0].cloth"],
    [["Heron", "", "Nothing · 99"], "layers[2].cloth"],
    [["Heron"], "layers"],
    [[], "layers"],
  ])("has the error of %j beside the layer, or below them all", async (texts, name) => {
    expect(Object.keys(errorsOf(await read(layers(...texts))))).toEqual([name]);
  });

  it("is edited from its layers, in order", async () => {
    const kept = {
      id: 1,
      version: 1,
      name: "Front",
      notes: "",
      layers: [
        { clothId: 4, direction: "along", role: "net" },
        { clothId: 3, direction: "across", role: "shell" },
      ],
    } as const;
    const again = await read(layupFields(kept, (id) => shelf.find((cloth) => cloth.id === id)?.name ?? ""));
    expect(again.ok && again.value.layers).toEqual(kept.layers);
  });
});
