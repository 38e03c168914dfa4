import { describe, expect, it } from "vitest";
import { bodyValue } from "./bodyValue.ts";
import type { MeasureCode } from "./measure.ts";
import { missingMeasures } from "./missing.ts";

const sheet = (taken: Partial<Record<MeasureCode, number>>) =>
  Object.entries(taken).map(([code, mm]) => ({
    code: code as MeasureCode,
    side: "single" as const,
    text: `${mm} mm`,
    mm,
  }));

describe("a length that has two names", () => {
  it("is taken once, for a brief or for a corset", () => {
    expect(bodyValue(sheet({ waist_to_high_hip: 102 }), "height_waist_high_hip_side")?.mm).toBe(102);
    expect(bodyValue(sheet({ height_waist_high_hip_side: 98 }), "waist_to_high_hip")?.mm).toBe(98);
    expect(missingMeasures(["height_waist_high_hip_side", "hip"], sheet({ waist_to_high_hip: 102 }))).toEqual([
      { code: "hip", side: "single" },
    ]);
  });

  it("is the sum of its parts, or what the whole leaves", () => {
    expect(bodyValue(sheet({ waist_to_high_hip: 102, height_high_hip_hip_side: 103 }), "waist_to_hip")?.mm).toBe(205);
    expect(
      bodyValue(sheet({ height_waist_high_hip_side: 98, waist_to_hip: 205 }), "height_high_hip_hip_side")?.mm,
    ).toBe(107);
  });

  it("is as it was taken where it was, and nothing where the others do not say it", () => {
    expect(bodyValue(sheet({ waist_to_high_hip: 102, height_waist_high_hip_side: 98 }), "waist_to_high_hip")?.mm).toBe(
      102,
    );
    expect(bodyValue(sheet({ waist_to_hip: 205 }), "waist_to_high_hip")).toBeUndefined();
    expect(bodyValue(sheet({ waist_to_hip: 100, waist_to_high_hip: 102 }), "height_high_hip_hip_side")).toBeUndefined();
    expect(bodyValue(sheet({}), "hip")).toBeUndefined();
  });
});
