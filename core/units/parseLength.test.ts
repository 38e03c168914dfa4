import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "./parseLength.ts";

const mm = (text: string, unit: "cm" | "in" = "cm") => {
  const parsed = parseLength(text, unit);
  return parsed.ok ? parsed.value : parsed.problem.code;
};

describe("parseLength", () => {
  it.each([
    ["92", "cm", 920],
    ["92", "in", 2336.8],
    ["92.5", "cm", 925],
    ["92,5 cm", "in", 925],
    [" 71.8 ", "cm", 718],
    [".5", "cm", 5],
    ["36 1/2", "in", 927.1],
    ['36-1/2"', "cm", 927.1],
    ["36½ in", "cm", 927.1],
    ["½", "in", 12.7],
    ["1/2", "in", 12.7],
    ["925mm", "in", 925],
    ["0.92 m", "in", 920],
    ["5'3\"", "cm", 1600.2],
    ["5′3″", "cm", 1600.2],
    ["5 ft 3 in", "cm", 1600.2],
    ["5'", "cm", 1524],
    ["28 Inches", "cm", 711.2],
  ] as const)("reads %s (bare number in %s) as %f mm", (text, unit, expected) => {
    expect(mm(text, unit)).toBeCloseTo(expected, 9);
  });

  it.each([
    "",
    "   ",
    "big",
    "-5",
    "+5",
    "1e3",
    "36 1/0",
    "36 9/8",
    "5'13\"",
    "12 34",
    "9 2 cm",
    "92 kg",
    "1.2.3",
    "1,234.5",
    "NaN",
    "Infinity",
    "cm",
    "½½",
    "1/2/3",
    "9".repeat(400),
  ])("refuses “%s”", (text) => {
    expect(mm(text)).toMatch(/^length-(missing|unreadable)$/);
  });

  it("repeats what came, shortened, and shows an example", () => {
    const parsed = parseLength("waist", "in");
    expect(parsed.ok ? "" : parsed.problem.message).toBe(
      "Expected a length such as 28 1/4 or 71.5 cm, but “waist” cannot be read as one.",
    );
    const long = parseLength("x".repeat(5000), "cm");
    expect(long.ok ? "" : long.problem.message.length).toBeLessThan(200);
  });

  it("never gives anything but a finite length of 0 or more", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), fc.constantFrom("cm", "in"), (text, unit) => {
        const parsed = parseLength(text, unit as "cm" | "in");
        return !parsed.ok || (Number.isFinite(parsed.value) && parsed.value >= 0);
      }),
      { seed: 20261124, numRuns: 2000 },
    );
  });
});
