import { describe, expect, it } from "vitest";
import { measured, measuredAll } from "../../testing/index.ts";
import { checkSheet } from "./index.ts";

const BODY = {
  bust: 920,
  waist: 740,
  hip: 1008,
  back_waist: 402,
  crotch_front: 318,
  crotch_back: 372,
  trunk_loop: 1516,
};

const slipOn = (input: Parameters<typeof checkSheet>[0]) =>
  checkSheet(input).find(({ ruleId }) => ruleId === "body.slip");
const offered = (input: Parameters<typeof checkSheet>[0]) =>
  slipOn(input)?.repairs?.map(({ code, slip, mm }) => [code, slip, mm]);

describe("a sheet is asked about", () => {
  it("where a front waist is ten centimetres more than the trunk has: both slips that explain it are offered", () => {
    const values = [...measuredAll(BODY), { ...measured("front_waist", 524), text: "52.4" }];
    expect(checkSheet({ values: [...measuredAll(BODY), measured("front_waist", 424)], unit: "cm" })).toEqual([]);
    expect(offered({ values, unit: "cm" })).toEqual([
      ["front_waist", "digits swapped", 425],
      ["front_waist", "ten centimetres too many", 424],
    ]);
  });

  it("where left and right are no two sides of one body: digits turned", () => {
    const values = [
      ...measuredAll(BODY),
      { ...measured("thigh", 640, "left"), text: "64" },
      { ...measured("thigh", 460, "right"), text: "46" },
    ];
    expect(offered({ values, unit: "cm" })?.[0]?.slice(1)).toEqual(["digits swapped", expect.any(Number)]);
    // Breasts may differ as far.
    const breasts = [measured("projection", 60, "left"), measured("projection", 40, "right")];
    expect(slipOn({ values: breasts, unit: "cm" })).toBeUndefined();
  });

  it("where a hip of 161 follows one of 116", () => {
    const [now, before] = [{ ...measured("hip", 1610), text: "161" }, measured("hip", 1160)];
    expect(offered({ values: [now], unit: "cm", earlier: [before] })?.[0]).toEqual(["hip", "digits swapped", 1160]);
  });

  it("by the sizes of children where it is a child's", () => {
    const values = measuredAll({ hip: 580, bust: 550, underbust: 530, waist: 520, front_waist: 260 });
    expect(checkSheet({ values, unit: "cm" }).map(({ ruleId }) => ruleId)).toContain("body.range");
    expect(checkSheet({ values, unit: "cm", isChild: true })).toEqual([]);
    const [found] = checkSheet({ values: measuredAll({ hip: 1300 }), unit: "cm", isChild: true }).filter(
      ({ ruleId }) => ruleId === "body.range",
    );
    expect(found).toMatchObject({ template: expect.stringContaining("on a child it usually lies between") });
  });
});
