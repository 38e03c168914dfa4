import { describe, expect, it } from "vitest";
import type { Cloth } from "../../core/cloth/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import type { Repositories } from "../../data/store.ts";
import type { Fields } from "../form/unsaved.ts";
import { clothFields, readCloth } from "./clothForm.server.ts";
import { MOST_STEPS, readLadder, stepFields } from "./ladderFields.ts";
import { clothChoice, clothIdOf, layerFields, layupFields } from "./layupFields.ts";
import { readLayup } from "./layupForm.server.ts";
import { readSwatchTest } from "./swatchForm.server.ts";
import { parseSwatchLength } from "./swatchLength.ts";

const TODAY = "2026-11-24";
const errorsOf = (read: { ok: boolean; errors?: unknown }): Record<string, string> =>
  read.ok ? {} : (read.errors as Record<string, string>);

const steps = (...read: (readonly [force: string, length: string, phase?: string, cycle?: string])[]): Fields =>
  Object.assign(
    { "ladder.form": "strip", "ladder.width": "50", "ladder.gauge": "100" },
    ...read.map(([force, length, phase = "load", cycle = "1"], index) => {
      const names = stepFields(index + 1);
      return { [names.force]: force, [names.length]: length, [names.phase]: phase, [names.cycle]: cycle };
    }),
  );

describe("a swatch length", () => {
  it.each([
    ["162", 162],
    ["16,2 cm", 162],
    ["6 3/8 in", 161.925],
  ])("reads %s", (text, mm) => {
    const parsed = parseSwatchLength(text);
    expect(parsed.ok && parsed.value).toBeCloseTo(mm, 9);
  });

  it("says so where there is none", () => {
    const empty = parseSwatchLength(" ");
    expect(empty.ok ? "" : empty.problem.message).toBe(
      "Expected a length such as 162 mm or 6 3/8 in, but the field is empty.",
    );
  });
});

describe("a ladder being typed", () => {
  it("is none while no step is filled in", () => expect(readLadder(steps())).toEqual({ ladder: null, errors: {} }));

  it("reads weights and units, passes empty rows over, and keeps way and cycle", () => {
    const { ladder } = readLadder({
      ...steps(["200 g", "120"], ["", ""], ["5", "14 cm", "load", "2"], ["3", "130", "unload", "2"]),
      "ladder.after": "104",
    });
    expect(ladder?.steps).toEqual([
      { forceN: expect.closeTo(1.96133, 9), lengthMm: 120, phase: "load", cycle: 1 },
      { forceN: 5, lengthMm: 140, phase: "load", cycle: 2 },
      { forceN: 3, lengthMm: 130, phase: "unload", cycle: 2 },
    ]);
    expect(ladder).toMatchObject({ afterMm: 104, after30MinMm: null, neckIn: null });
  });

  it("takes as many steps as three cycles need", () => {
    const many = Array.from({ length: MOST_STEPS }, (_, index) => [String(index + 1), String(110 + index)] as const);
    expect(readLadder(steps(...many)).ladder?.steps).toHaveLength(MOST_STEPS);
  });

  it.each([
    [steps(["heavy", "120"]), "step.1.force"],
    [steps(["", "120"]), "step.1.force"],
    [steps(["1", ""]), "step.1.length"],
    [steps(["1", "120"], ["", ""], ["2", "90"]), "step.3.length"],
    [{ ...steps(["1", "120"]), "ladder.width": "" }, "ladder.width"],
    [{ ...steps(["1", "120"]), "ladder.gauge": "1 m 3" }, "ladder.gauge"],
    [{ ...steps(["1", "120"]), "ladder.width": "2" }, "ladder.width"],
    [{ ...steps(["1", "120"]), "ladder.after": "125" }, "ladder.after"],
    [{ ...steps(["1", "120"]), "neck.rest": "50" }, "neck.stretched"],
    [{ ...steps(["1", "120"]), "neck.rest": "40", "neck.stretched": "50", "neck.at": "120" }, "neck.stretched"],
    [steps(["1", "120", "unload"]), "step.1.force"],
  ])("has its error beside the field (%#)", (fields, name) => {
    const { ladder, errors } = readLadder(fields);
    expect(ladder).toBeNull();
    expect(Object.keys(errors)).toContain(name);
  });
});

describe("a swatch test", () => {
  const head = { direction: "across", testedOn: TODAY };

  it("may be a ladder alone; a gauge by itself is no hand test", () => {
    const read = readSwatchTest({ ...head, gauge: "100", ...steps(["1", "120"]) }, 5, TODAY);
    expect(read.ok && read.value).toMatchObject({ hand: null, ladder: { widthMm: 50 }, state: "new", washes: null });
  });

  it("keeps state, washes and the look of a net", () => {
    const read = readSwatchTest(
      { ...head, state: "washed", washes: "5", look: "wide", gauge: "100", stretched: "150" },
      5,
      TODAY,
    );
    expect(read.ok && read.value).toMatchObject({ state: "washed", washes: 5, look: "wide" });
  });

  it.each([
    [{ gauge: "100" }, "stretched"],
    [{ gauge: "100", stretched: "150", state: "washed", washes: "often" }, "washes"],
    [{ gauge: "100", stretched: "150", state: "washed" }, "washes"],
    [{ gauge: "100", stretched: "150", state: "burnt" }, "state"],
    [{ gauge: "100", stretched: "150", testedOn: "2027-01-01" }, "testedOn"],
    [{ gauge: "100", after: "104" }, "stretched"],
  ])("has the error of %o beside its field", (own: Fields, name) => {
    expect(Object.keys(errorsOf(readSwatchTest({ ...head, ...own }, 5, TODAY)))).toEqual([name]);
  });
});

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
        [layerFields(index + 1).cloth]: text,
        [layerFields(index + 1).direction]: "across",
        [layerFields(index + 1).role]: "lining",
      })),
    );
  const read = (fields: Fields) => readLayup(fields, { cloths });

  it("finds cloths by what was picked, or by a name there is once", async () => {
    const layup = await read(layers("Heron", "Sable · 5"));
    expect(layup.ok && layup.value.layers.map(({ clothId }) => clothId)).toEqual([3, 5]);
    expect(clothIdOf(clothChoice({ id: 5, name: "Sable · 7" }))).toBe(5);
  });

  it.each([
    [["Sable", "Heron"], "layer.1.cloth"],
    [["Heron", "Nothing · 99"], "layer.2.cloth"],
    [["Heron"], "layer.2.cloth"],
    [[], "layer.1.cloth"],
  ])("has the error of %j beside the layer", async (texts, name) => {
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
