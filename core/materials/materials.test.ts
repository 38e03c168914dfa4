import { describe, expect, it } from "vitest";
import { evaluate } from "../testing/index.ts";
import type { MaterialsFacts } from "./materialsFacts.ts";
import { reckonMaterials } from "./reckonMaterials.ts";
import { NEW_MATERIALS } from "./working.ts";

const FACTS: MaterialsFacts = {
  notCounted: [],
  needed: [
    { id: "cloth/shell", name: "Swim knit", what: "cloth, shell", needMm: 700, source: "Cloth needed" },
    { id: "elastic/7", name: "Picot 10", what: "elastic", needMm: 2936, source: "Elastics" },
  ],
  shelf: {
    rows: [
      { name: "swim knit ", unit: "m", amount: 0.4, price: 20 },
      { name: "Picot 10", unit: "m", amount: 12, price: null },
      { name: "Rings", unit: "pc", amount: null, price: 0.5 },
      { name: "Thread", unit: "m", amount: 500, price: 0.01 },
    ],
  },
  usual: [],
};
const notions = (...rows: readonly (readonly [string, number | null])[]) => ({
  ...NEW_MATERIALS,
  notions: rows.map(([name, count]) => ({ name, count })),
});
const rowsOf = (working = NEW_MATERIALS, facts: Partial<MaterialsFacts> = {}) =>
  reckonMaterials(working, { ...FACTS, ...facts }).rows;

describe("what a garment takes", () => {
  it("says what is cut and not in the sum", () => {
    const notCounted = ["Not drawn, and in no sum: Overlay."];
    expect(reckonMaterials(NEW_MATERIALS, { ...FACTS, notCounted }).warnings).toContain(notCounted[0]);
  });

  it("is held against what is on the shelf by its name: what is bought is the rest", () => {
    const rows = rowsOf(notions(["Rings", 2], ["Thread", 1]));
    expect(rows.map(({ name, need, there, buy }) => [name, need, there, buy.result.value])).toEqual([
      ["Swim knit", 0.7, 0.4, expect.closeTo(0.3, 9)],
      ["Picot 10", 3, 12, 0],
      ["Rings", 2, null, 2],
      // Counted by the metre there: that says nothing of pieces.
      ["Thread", 1, null, 1],
    ]);
    for (const { buy, cost } of rows)
      for (const one of [buy, ...(cost ? [cost] : [])]) expect(evaluate(one)).toBeCloseTo(one.result.value, 9);
  });

  it("costs what is needed by its price, for one garment and for all that are made; what has no price is named", () => {
    const { numbers, warnings } = reckonMaterials({ ...notions(["Rings", 2]), made: 3 }, FACTS);
    expect(numbers.map(({ explanation }) => explanation.result.value)).toEqual([
      expect.closeTo(0.7 * 20 + 2 * 0.5, 9),
      expect.closeTo(3 * 15, 9),
    ]);
    expect(warnings).toEqual(["Without a price, and not counted: Picot 10."]);
    const free = reckonMaterials(NEW_MATERIALS, { ...FACTS, shelf: { rows: [] } });
    expect([free.numbers, free.warnings]).toEqual([[], []]);
  });

  it("names what lacks: a count, or everything", () => {
    expect(reckonMaterials(notions(["Hooks", null]), FACTS).lacks).toEqual([
      { what: "entry", name: "how many of “Hooks”" },
    ]);
    expect(reckonMaterials(NEW_MATERIALS, { ...FACTS, needed: [] }).lacks).toHaveLength(1);
  });
});
