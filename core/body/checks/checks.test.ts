import { describe, expect, it } from "vitest";
import { parseLength } from "../../units/index.ts";
import type { MeasureCode, Side } from "../measure.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import { checkSheet } from "./index.ts";

type Typed = readonly [code: MeasureCode, text: string, side?: Side];

function values(...typed: readonly Typed[]): MeasuredValue[] {
  return typed.map(([code, text, side = "single"]) => {
    const parsed = parseLength(text, "cm");
    if (!parsed.ok) throw new Error(parsed.problem.message);
    return { code, side, text, mm: parsed.value };
  });
}

const rules = (...typed: readonly Typed[]) => checkSheet({ values: values(...typed), unit: "cm" });

describe("checks of a sheet", () => {
  it("asks where one length was taken under two names and not alike", () => {
    const found = (side: string) =>
      rules(["waist_to_high_hip", "10.2"], ["height_waist_high_hip_side", side]).filter(
        ({ ruleId }) => ruleId === "body.same",
      );
    expect(found("10.6")).toEqual([]);
    expect(found("11")).toMatchObject([{ code: "waist_to_high_hip", lengths: { one: 102, two: 110 } }]);
  });

  it("finds nothing on a usual body", () => {
    expect(rules(["waist", "74.2"], ["high_hip", "90.5"], ["hip", "100.8"], ["crotch_front", "31.8"])).toEqual([]);
  });

  it("asks about a value outside its range, naming the range", () => {
    const [finding] = rules(["hip", "250"]).filter(({ ruleId }) => ruleId === "body.range");
    expect(finding).toMatchObject({ code: "hip", lengths: { value: 2500, low: 600, high: 1900 } });
  });

  it("asks where the waist is far over the hip, and not where it is a little over", () => {
    expect(rules(["waist", "110"], ["hip", "103"]).map(({ ruleId }) => ruleId)).toContain("body.order");
    expect(rules(["waist", "105"], ["hip", "103"])).toEqual([]);
  });

  it("keeps left and right apart from 10 mm on", () => {
    expect(rules(["leg_edge", "59", "left"], ["leg_edge", "60", "right"])).toEqual([]);
    const [finding] = rules(["leg_edge", "59", "left"], ["leg_edge", "60.2", "right"]);
    expect(finding).toMatchObject({ ruleId: "body.sides", side: "right", lengths: { left: 590, right: 602 } });
  });

  it("offers the one slip of the pen that explains a value", () => {
    const slips = rules(["waist", "742"], ["hip", "100.8"]).filter(({ ruleId }) => ruleId === "body.slip");
    expect(slips[0]?.repairs?.[0]).toMatchObject({ slip: "a factor of ten too large", mm: 742 });
  });

  it("offers inches read as centimetres by name", () => {
    const [slip] = rules(["crotch_depth", "10.5"]).filter(({ ruleId }) => ruleId === "body.slip");
    expect(slip?.repairs?.[0]?.slip).toBe("inches written as centimetres");
    expect(slip?.repairs?.[0]?.mm).toBeCloseTo(266.7, 9);
  });

  it("offers the likelier of several first, two at most", () => {
    const slips = rules(["waist", "19"], ["hip", "100"]).filter(({ ruleId }) => ruleId === "body.slip");
    expect(slips[0]?.repairs?.map(({ mm }) => mm)).toEqual([760, expect.any(Number)]);
  });

  it("suspects a pair whose ratio is off though both are in range", () => {
    const [slip] = rules(["waist", "120"], ["hip", "100"]).filter(({ ruleId }) => ruleId === "body.slip");
    expect(slip?.repairs?.[0]).toMatchObject({ code: "waist", slip: "digits swapped", mm: 1020 });
  });
});
