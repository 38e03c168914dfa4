import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "../../units/index.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import { doubtsAbout } from "./doubt.ts";
import { checkSheet } from "./index.ts";
import { possibleRepairs } from "./repairs.ts";

const typed = (text: string, code: MeasuredValue["code"] = "hip"): MeasuredValue => {
  const parsed = parseLength(text, "cm");
  if (!parsed.ok) throw new Error(parsed.problem.message);
  return { code, side: "single", text, mm: parsed.value };
};

const repairedTo = (value: MeasuredValue) =>
  possibleRepairs(value, "cm", [value]).map(({ mm }) => Math.round(mm * 100) / 100);

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
    const slips = (value: MeasuredValue) => possibleRepairs(value, "cm", [value]).map(({ slip }) => slip);
    expect(slips(typed("50.4"))).toContain("a half written for the whole");
    expect(slips(typed("13", "crotch_depth"))).not.toContain("a half written for the whole");
  });
});

describe("a slip of the pen", () => {
  const onSheet = (text: string, code: MeasuredValue["code"], unit: "cm" | "in"): MeasuredValue => {
    const parsed = parseLength(text, unit);
    if (!parsed.ok) throw new Error(parsed.problem.message);
    return { code, side: "single", text, mm: parsed.value };
  };
  const BODY = {
    cm: { waist: "74", high_hip: "91", hip: "101" },
    in: { waist: "29 1/8", high_hip: "35 3/4", hip: "39 7/8" },
  };
  /** The texts offered, best first, where one measure of a usual body is written otherwise. */
  const offered = (unit: "cm" | "in", code: "waist" | "hip", text: string, before: "cm" | null = null) => {
    const sheet = (own: Partial<Record<string, string>>) =>
      Object.entries({ ...BODY[unit], ...own }).map(([one, typed]) =>
        onSheet(typed as string, one as MeasuredValue["code"], unit),
      );
    const earlier = before ? sheet({ hip: "98" }) : undefined;
    return checkSheet({ values: sheet({ [code]: text }), unit, earlier })
      .filter(({ ruleId }) => ruleId === "body.slip")
      .flatMap(({ repairs = [] }) => repairs.map((one) => one.text ?? (one.mm / 10).toFixed(1)));
  };

  it("swaps digits anywhere, in the whole part of a fraction too", () => {
    expect(offered("in", "hip", "93 7/8")[0]).toBe("39 7/8");
    expect(offered("in", "waist", "82 3/8")[0]).toBe("28 3/8");
  });

  it("is seen against the wearer's last sheet where the sheet alone says nothing", () => {
    expect(offered("cm", "hip", "89")).toEqual([]);
    expect(offered("cm", "hip", "89", "cm")[0]).toBe("98");
    expect(offered("cm", "hip", "100", "cm")).toEqual([]);
  });

  it("leaves out or doubles a digit", () => {
    expect(offered("cm", "waist", "774")).toContain("74");
    expect(offered("cm", "hip", "1001")).toContain("101");
    expect(offered("cm", "hip", "10")[0]).toBe("100.0");
  });

  it("takes left for right, and offers to change them over", () => {
    const leg = (left: string, right: string): MeasuredValue[] => [
      { ...onSheet(left, "leg_edge", "cm"), side: "left" },
      { ...onSheet(right, "leg_edge", "cm"), side: "right" },
    ];
    const swapped = possibleRepairs(leg("66", "59")[0] as MeasuredValue, "cm", leg("66", "59"));
    expect(swapped.find(({ slip }) => slip === "left taken for right")).toMatchObject({
      ...{ side: "left", mm: 590, text: "59" },
      swapsWith: { side: "right", mm: 660, text: "66" },
    });
  });

  it("offers two at most, and only what leaves the value without a doubt", () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 9999 }), fc.integer({ min: 10, max: 9999 }), (waist, hip) => {
        const values = [typed(String(waist / 10), "waist"), typed(String(hip / 10), "hip")];
        const slips = checkSheet({ values, unit: "cm" }).filter(({ ruleId }) => ruleId === "body.slip");
        return slips.every(
          ({ repairs = [] }) =>
            repairs.length >= 1 &&
            repairs.length <= 2 &&
            repairs.every(({ code, mm }) => {
              const repaired = values.map((value) => (value.code === code ? { ...value, mm } : value));
              return !doubtsAbout(repaired, []).some(({ suspects }) => suspects.some((one) => one.code === code));
            }),
        );
      }),
      { seed: 20261125, numRuns: 500 },
    );
  });
});
