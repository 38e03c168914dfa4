import { describe, expect, it } from "vitest";
import type { MeasuredValue } from "../body/index.ts";
import { SAMPLE_SHEET } from "../testing/index.ts";
import { girthBy, planStyle } from "./planStyle.ts";
import { SHIPPED_EASE_SETTINGS as settings } from "./settings.ts";
import { brief } from "./styles/brief.ts";

const cloth = { usable: 0.62, recovery: 0.93 };
const plan = (values: readonly MeasuredValue[], own: { tape?: "finger"; usable?: number } = {}) =>
  planStyle({
    style: brief,
    body: { values, tape: own.tape ?? "snug" },
    cloth: { ...cloth, usable: own.usable ?? cloth.usable },
    settings,
  });

const without = (code: string, side?: string) =>
  SAMPLE_SHEET.values.filter((value) => value.code !== code || (side !== undefined && value.side !== side));

describe("plan of a brief", () => {
  it("plans every zone by every school from rounded girths", () => {
    const { zones, missing, belowLeastStretch } = plan(SAMPLE_SHEET.values);
    expect(zones.map(({ zone }) => zone)).toEqual(["waist", "highHip", "hip", "leg"]);
    expect(missing).toEqual([]);
    expect(belowLeastStretch).toBe(false);
    const waist = zones[0]?.bySchool;
    expect((["fixed", "percent", "share"] as const).map((school) => girthBy(school, zones[0])?.garmentMm)).toEqual([
      642, 683, 653,
    ]);
    expect(waist?.pressure).toMatchObject({ ok: false, problem: { code: "no-curve" } });
    expect(waist?.profile).toMatchObject({ ok: false, problem: { code: "no-liked-garment" } });
  });

  it("makes room for the larger leg and keeps the smaller beside it", () => {
    const leg = plan(SAMPLE_SHEET.values).zones.find(({ zone }) => zone === "leg");
    expect(leg?.body).toMatchObject({ side: "right", snugMm: 604 });
    expect(leg?.smallerSide).toMatchObject({ side: "left", snugMm: 598 });
  });

  it("says of a school that leaves no garment why, and of a body under the finger that it cannot be", () => {
    const waistOf = (mm: number) => [
      ...without("waist"),
      { code: "waist", side: "single", mm, text: `${mm} mm` } as const,
    ];
    // A fixed cut of 25 mm a quarter takes 100 mm off the whole girth.
    for (const mm of [100, 60, 0.4]) {
      const small = plan(waistOf(mm));
      const fixed = small.zones[0]?.bySchool.fixed;
      expect(fixed?.ok ? null : fixed?.problem.message).toMatch(
        /^Expected a garment girth above 0, but “Fixed cut” makes it -?\d+ mm/,
      );
      expect(small.pullOn.fixed.map(({ ring }) => ring)).toEqual(["highHip"]);
    }
    expect(plan(waistOf(101)).zones[0]?.bySchool.fixed.ok).toBe(true);
    const fingered = plan(waistOf(12), { tape: "finger" }).missing;
    expect(fingered[0]?.problem).toBe("Expected a body above the finger’s 12 mm, but it is 12 mm.");
  });

  it("takes the finger off the girths of a one-finger sheet", () => {
    const waist = plan(SAMPLE_SHEET.values, { tape: "finger" }).zones[0];
    expect(waist?.body).toMatchObject({ tapedMm: 742, fingerMm: 12, snugMm: 730 });
  });

  it("lists a zone without its measure, or with one side of two, as missing and guesses nothing", () => {
    expect(plan(without("waist")).missing).toEqual([{ zone: "waist", code: "waist", problem: null }]);
    const oneLeg = plan(without("leg_edge", "left"));
    expect(oneLeg.missing).toEqual([{ zone: "leg", code: "leg_edge", problem: null }]);
  });

  it("judges pulling on by each school, and not at all without the hip", () => {
    const { pullOn } = plan(SAMPLE_SHEET.values);
    expect(pullOn.fixed.map(({ ring, verdict }) => [ring, verdict])).toEqual([
      ["waist", "goes"],
      ["highHip", "goes"],
    ]);
    expect(plan(SAMPLE_SHEET.values, { usable: 0.3 }).pullOn.fixed[0]?.verdict).toBe("closure");
    expect(plan(without("hip"))).toMatchObject({ pullOn: { fixed: [] }, unjudged: [{ code: "hip" }, { code: "hip" }] });
  });

  it("warns of cloth that stretches less than the style asks", () => {
    expect(plan(SAMPLE_SHEET.values, { usable: 0.19 }).belowLeastStretch).toBe(true);
  });
});
