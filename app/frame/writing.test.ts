import { describe, expect, it } from "vitest";
import { STRETCH_STEPS } from "../../core/ease/index.ts";
import { formatAmount, formatDifference, formatLength, formatLengthWithUnit } from "../../core/units/index.ts";
import { threadPath } from "../figure/stretch/threadPath.ts";
import { renderFinding } from "../wearers/renderFinding.ts";
import { percent } from "./units/percent.ts";
import type { LengthWriter } from "./units/UnitContext.tsx";
import { writeNumber } from "./why/writeNumber.ts";

const centimetres: LengthWriter = {
  unit: "cm",
  bare: (mm) => formatLength(mm, "cm"),
  length: (mm) => formatLengthWithUnit(mm, "cm"),
  difference: (mm) => formatDifference(mm, "cm"),
  amount: (mm) => formatAmount(mm, "cm"),
  told: (text) => text,
};

describe("numbers on the page", () => {
  it.each([
    [0.125, "12.5 %"],
    [-0.0523, "−5.2 %"],
    [-0.0001, "0.0 %"],
  ])("writes the ratio %f as %s", (ratio, text) => expect(percent(ratio)).toBe(text));

  it.each([
    ["length", 742, "74.2 cm"],
    ["difference", -13.8, "−13.8 mm"],
    ["amount", 24, "24 mm"],
    ["percent", 0.136, "13.6 %"],
    ["ratio", 0.22, "0.22"],
    ["ratio", -0.123456, "−0.1235"],
    ["count", 4, "4"],
    ["force", 1.912, "1.91 N"],
    ["tension", 62.04442, "62 N/m"],
    ["pressure", 0.27486, "0.275 kPa"],
  ] as const)("writes a %s of %f as %s", (unit, value, text) =>
    expect(writeNumber(value, unit, centimetres)).toBe(text),
  );
});

it("writes a check's sentence with its lengths, and leaves what it does not know", () => {
  const finding = {
    ruleId: "body.range",
    code: "hip",
    side: "single",
    template: "Hip is {value}, not {other}.",
    lengths: { value: 2500 },
  } as const;
  expect(renderFinding(finding, "cm")).toBe("Hip is 250.0 cm, not {other}.");
  expect(renderFinding(finding, "in")).toBe("Hip is 98 3/8 in, not {other}.");
});

describe("the mark of the strain scale", () => {
  it("is a different line for every step, so that it is read without colour", () => {
    const marks = STRETCH_STEPS.map(({ step }) => threadPath(step, 44, 16));
    expect(new Set(marks).size).toBe(STRETCH_STEPS.length);
  });

  it("flattens as the cloth is stretched", () => {
    const rise = (step: "resting" | "light" | "held" | "drawn") => {
      const heights = [...threadPath(step, 44, 16).matchAll(/[\d.]+ ([\d.]+)/g)].map(([, y]) => Number(y));
      return Math.max(...heights) - Math.min(...heights);
    };
    expect(rise("resting")).toBeGreaterThan(rise("light"));
    expect(rise("light")).toBeGreaterThan(rise("held"));
    expect(rise("held")).toBeGreaterThan(rise("drawn"));
  });
});
