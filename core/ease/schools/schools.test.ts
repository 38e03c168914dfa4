import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FAMILIES, SHIPPED_EASE_SETTINGS as settings } from "../settings.ts";
import { ZONES } from "../zones.ts";
import { fixedCutFor } from "./fixed.ts";
import { SCHOOLS, schoolOf } from "./index.ts";
import { reductionFor } from "./percent.ts";
import type { SchoolId, SchoolInput } from "./school.ts";

const girth = (school: SchoolId, own: Partial<SchoolInput>) => {
  const answer = schoolOf(school).girth({
    zone: "waist",
    family: "brief",
    bodyMm: 742,
    usable: 0.62,
    settings,
    ...own,
  });
  return answer.ok ? answer.value.exactMm : answer.problem.code;
};

describe("fixed cut", () => {
  it.each([
    [0.05, -12],
    [0.1, -12],
    [0.125, -6],
    [0.15, 0],
    [0.2, 12.5],
    [0.25, 25],
    [0.9, 25],
  ])("takes at %f usable stretch %f mm off each waist quarter", (usable, cut) => {
    expect(fixedCutFor("waist", usable, settings)).toBeCloseTo(cut, 9);
  });

  it("is four times a quarter less the cut", () => expect(girth("fixed", {})).toBeCloseTo(742 - 100, 9));
});

describe("straight reduction", () => {
  it.each([
    [0, 0],
    [0.15, 0],
    [0.2, 0.01],
    [0.625, 0.08],
    [1.2, 0.15],
    [3, 0.15],
  ])("reads at %f usable stretch a reduction of %f", (usable, reduction) => {
    expect(reductionFor(usable, settings)).toBeCloseTo(reduction, 12);
  });
});

describe("share of stretch", () => {
  it("uses the family's share of the zone", () => expect(girth("share", {})).toBeCloseTo(742 / (1 + 0.22 * 0.62), 9));
  it("takes the maker's own share", () => expect(girth("share", { share: 0.5 })).toBeCloseTo(742 / 1.31, 9));
  it("says so where a family has no share for a zone", () =>
    expect(girth("share", { zone: "arm" })).toBe("no-share-for-zone"));
});

describe("every school", () => {
  const input = fc.record({
    zone: fc.constantFrom(...ZONES),
    family: fc.constantFrom(...FAMILIES),
    bodyMm: fc.double({ min: 350, max: 1800, noNaN: true }),
    usable: fc.double({ min: 0, max: 1.5, noNaN: true }),
  });

  it("gives a finite girth above 0, or says why not", () => {
    fc.assert(
      fc.property(input, fc.constantFrom(...SCHOOLS), (given, school) => {
        const answer = school.girth({ ...given, settings });
        return !answer.ok || (Number.isFinite(answer.value.exactMm) && answer.value.exactMm > 0);
      }),
      { seed: 20261124 },
    );
  });

  it("does not plan stable cloth smaller than the fixed cut gives", () => {
    fc.assert(
      fc.property(input, fc.double({ min: 0, max: 0.1499, noNaN: true }), (given, usable) => {
        const stable = { ...given, usable, settings };
        const fixed = schoolOf("fixed").girth(stable);
        return (["percent", "share"] as const).every((id) => {
          const answer = schoolOf(id).girth(stable);
          return !answer.ok || !fixed.ok || answer.value.exactMm >= fixed.value.exactMm;
        });
      }),
      { seed: 20261124 },
    );
  });
});
