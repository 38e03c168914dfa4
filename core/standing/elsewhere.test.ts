import { describe, expect, it } from "vitest";
import { filledFrom, saidOtherwise, toldAt, typedWhere } from "./elsewhere.ts";

const elsewhere = toldAt("Pieces", { wireMm: 210, springMm: 0, tipsMm: null, foldMm: undefined });

describe("what another step was told", () => {
  it("fills what is empty here, a nought too, and leaves what is typed", () => {
    const working = { wireMm: null, springMm: null, tipsMm: null, foldMm: 8, sides: "alike" };
    expect(filledFrom(working, elsewhere)).toEqual({ ...working, wireMm: 210, springMm: 0 });
    expect(filledFrom({ ...working, wireMm: 195 }, elsewhere).wireMm).toBe(195);
  });

  it("fills no field that the working has not", () => {
    expect(filledFrom({ foldMm: null }, elsewhere)).toEqual({ foldMm: null });
  });

  it("is named as where a value comes from, where it is used", () => {
    expect(typedWhere({ wireMm: null }, elsewhere, "wireMm")).toBe("typed at Pieces");
    expect(typedWhere({ wireMm: 195 }, elsewhere, "wireMm")).toBe("typed here");
    expect(typedWhere({ tipsMm: null }, elsewhere, "tipsMm")).toBe("typed here");
  });

  it("is held against what was typed here", () => {
    expect(saidOtherwise({ wireMm: 195, springMm: null }, elsewhere)).toEqual([
      { field: "wireMm", here: 195, there: { value: 210, at: "Pieces" } },
    ]);
    expect(saidOtherwise({ wireMm: 210 }, elsewhere)).toEqual([]);
  });
});
