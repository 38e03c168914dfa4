import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "../../units/parseLength.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import { checkSheet } from "./index.ts";
import { possibleRepairs } from "./repairs.ts";

const typed = (text: string, code: MeasuredValue["code"] = "hip"): MeasuredValue => {
  const parsed = parseLength(text, "cm");
  if (!parsed.ok) throw new Error(parsed.problem.message);
  return { code, side: "single", text, mm: parsed.value };
};

const repairedTo = (value: MeasuredValue) => possibleRepairs(value, "cm").map(({ mm }) => Math.round(mm * 100) / 100);

describe("every single slip of the pen", () => {
  it("is among the repairs: undoing it gives the true value back", () => {
    fc.assert(
      fc.property(fc.integer({ min: 601, max: 1899 }), (mm) => {
        const text = String(mm / 10);
        const digits = [...text];
        const [first, second] = digits;
        const slips = [
          first !== second && second !== "." && first !== undefined && second !== undefined
            ? second + first + text.slice(2)
            : null,
          String(mm),
          String(mm / 100),
        ].filter((slip) => slip !== null);
        return slips.every((slip) => repairedTo(typed(slip)).some((repaired) => Math.abs(repaired - mm) < 0.05));
      }),
      { seed: 20261124 },
    );
  });

  it("of units goes both ways", () => {
    expect(repairedTo(typed("39.5"))).toContain(1003.3);
    expect(repairedTo({ ...typed("256.032"), text: "100.8 in", mm: 2560.32 })).toContain(1008);
  });

  it("offers a half or a quarter for girths only", () => {
    const slips = (value: MeasuredValue) => possibleRepairs(value, "cm").map(({ slip }) => slip);
    expect(slips(typed("50.4"))).toContain("a half written for the whole");
    expect(slips(typed("13", "crotch_depth"))).not.toContain("a half written for the whole");
  });
});

it("offers a repair only where it is the only one, whatever is typed", () => {
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 9999 }), fc.integer({ min: 10, max: 9999 }), (waist, hip) => {
      const values = [typed(String(waist / 10), "waist"), typed(String(hip / 10), "hip")];
      const slips = checkSheet({ values, unit: "cm" }).filter(({ ruleId }) => ruleId === "body.slip");
      return slips.every(({ repair, code }) => {
        const value = values.find((one) => one.code === code);
        return (
          repair !== undefined &&
          value !== undefined &&
          possibleRepairs(value, "cm").some(({ mm }) => Math.abs(mm - repair.mm) < 1e-6)
        );
      });
    }),
    { seed: 20261124, numRuns: 500 },
  );
});
