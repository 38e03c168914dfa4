import { describe, expect, it } from "vitest";
import { foundBy } from "../../testing/index.ts";
import type { MeasureCode } from "../measure.ts";
import { takesOf, valueFromTakes } from "../sheetValues.ts";

const taken = (code: MeasureCode, ...mm: number[]) =>
  valueFromTakes(
    { code, side: "single" },
    mm.map((one) => ({ text: `${one} mm`, mm: one })),
  );
const found = (code: MeasureCode, ...mm: number[]) => foundBy("body.spread", [taken(code, ...mm)]);

describe("takes of one measure", () => {
  it.each([
    ["hip", [1000, 1010], false],
    ["hip", [1000, 1010.1], true],
    ["waist_to_hip", [200, 205], false],
    ["waist_to_hip", [200, 205.1], true],
    // The value decides which spread counts, not the takes: 299.9 is short, 300 is not.
    ["crotch_front", [297, 302.8], true],
    ["crotch_front", [297, 303], false],
  ] as const)("%s read as %j asks for another: %s", (code, mm, asks) => {
    expect(found(code, ...mm)).toHaveLength(asks ? 1 : 0);
  });

  it("ask for one more of two, and for fresh ones of three", () => {
    expect(found("hip", 1000, 1020)[0]?.template).toMatch(/Take it once more\.$/);
    expect(found("hip", 1000, 1020, 1005)[0]?.template).toMatch(/The middle one counts; take them afresh/);
  });

  it("are told with how far they lie apart, not in which order they were read", () => {
    expect(found("hip", 1020, 1000, 1005)).toMatchObject([{ code: "hip", lengths: { spread: 20 } }]);
  });

  it("are kept as typed; a single reading is its own", () => {
    expect(taken("hip", 1000, 1020)).toMatchObject({ mm: 1010, text: "1000 mm; 1020 mm" });
    expect(takesOf(taken("hip", 1000))).toEqual([{ text: "1000 mm", mm: 1000 }]);
    expect(taken("hip", 1000)).not.toHaveProperty("takes");
  });
});
