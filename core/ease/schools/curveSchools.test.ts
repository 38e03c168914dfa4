import { describe, expect, it } from "vitest";
import { tensionCurve } from "../../cloth/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../settings.ts";
import { likedSchool } from "./liked.ts";
import { mostPressureKpa, pressureSchool, proposedPressureKpa, refusedProposal } from "./pressure.ts";
import type { LikedGirth, SchoolInput } from "./school.ts";

const straight = tensionCurve([
  [0.25, 50],
  [0.5, 100],
]);
const input: SchoolInput = {
  zone: "waist",
  family: "swim",
  bodyMm: 750,
  usable: 0.4,
  wear: straight,
  settings: SHIPPED_EASE_SETTINGS,
};
const girth = (school: typeof pressureSchool, own: Partial<SchoolInput> = {}) => {
  const answer = school.girth({ ...input, ...own });
  return answer.ok ? answer.value : answer.problem.code;
};

describe("target pressure", () => {
  it("by hand: 0.4189 kPa round 750 mm is 50 N/m, 25 % strain, 600 mm", () => {
    expect(girth(pressureSchool, { pressureKpa: (2 * Math.PI * 50) / 750 })).toMatchObject({
      exactMm: expect.closeTo(600, 6),
      ownHabit: true,
    });
  });

  it("starts from what the share school gives, and knows the most the cloth gives in comfort", () => {
    // Share 0.25 of 0.4: 10 % strain, 20 N/m. At 0.6 of 0.4: 24 %, 48 N/m.
    expect(proposedPressureKpa(input)).toEqual({ ok: true, value: expect.closeTo((2 * Math.PI * 20) / 750, 9) });
    expect(mostPressureKpa(input)).toEqual({ ok: true, value: expect.closeTo((2 * Math.PI * 48) / 750, 9) });
    expect(girth(pressureSchool)).toMatchObject({ exactMm: expect.closeTo(750 / 1.1, 6), ownHabit: false });
  });

  it("is unreachable past a curve that ends level, and unknown without one", () => {
    const level = tensionCurve([
      [0.2, 10],
      [0.4, 10],
    ]);
    expect(girth(pressureSchool, { wear: level, pressureKpa: 1 })).toBe("unreachable");
    expect(girth(pressureSchool, { wear: null, pressureKpa: 1 })).toBe("no-curve");
  });

  it("never proposes what is too hard, and takes it from the maker", () => {
    const hard = { ...input, wear: tensionCurve([[0.1, 600]]) };
    const refused = refusedProposal(hard);
    expect(refused?.problem.code).toBe("pressure-not-proposed");
    expect(refusedProposal({ ...hard, pressureKpa: 5 })).toBeNull();
    // Firm at the waist is already too hard at the leg.
    const firm = { ...input, wear: tensionCurve([[0.1, 350]]) };
    expect(refusedProposal(firm)).toBeNull();
    expect(refusedProposal({ ...firm, zone: "leg" })?.problem.code).toBe("pressure-not-proposed");
  });
});

describe("what already fits", () => {
  const liked = (own: Partial<LikedGirth>): LikedGirth => ({
    name: "old one",
    bodyMm: 720,
    garmentMm: 600,
    usable: 0.5,
    wear: null,
    ...own,
  });

  it("keeps the tension where both cloths have curves", () => {
    // Worn at 20 %: the old cloth pulls with 80 N/m there, the new one at 40 %.
    const wear = tensionCurve([[0.2, 80]]);
    expect(girth(likedSchool, { liked: [liked({ wear })] })).toMatchObject({
      exactMm: expect.closeTo(750 / 1.4, 6),
      garments: [{ by: "tension", wornStrain: expect.closeTo(0.2, 12) }],
    });
  });

  it("keeps the share of stretch where one has none", () => {
    // 20 % of 50 % usable is 0.4; of 40 % that is 16 %.
    expect(girth(likedSchool, { liked: [liked({})] })).toMatchObject({
      exactMm: expect.closeTo(750 / 1.16, 9),
      garments: [{ by: "share" }],
    });
  });

  it("carries the ease of a loose garment over in millimetres, whatever its cloth", () => {
    expect(girth(likedSchool, { liked: [liked({ garmentMm: 790, usable: null })] })).toMatchObject({
      exactMm: 820,
      garments: [{ by: "ease" }],
    });
  });

  it("takes the median of several, and leaves out those it cannot carry over", () => {
    const several = [liked({}), liked({ garmentMm: 620 }), liked({ garmentMm: 660 }), liked({ usable: null })];
    const answer = girth(likedSchool, { liked: several });
    const one = girth(likedSchool, { liked: [liked({ garmentMm: 620 })] });
    if (typeof answer === "string" || typeof one === "string") throw new Error("Expected girths.");
    expect(answer.exactMm).toBeCloseTo(one.exactMm, 9);
    expect(answer.garments).toHaveLength(3);
  });

  it("says what is missing", () => {
    expect(girth(likedSchool, { liked: [] })).toBe("no-liked-garment");
    expect(girth(likedSchool, { liked: [liked({ usable: null })] })).toBe("liked-cloth-unknown");
    const wear = tensionCurve([[0.2, 80]]);
    const level = tensionCurve([
      [0.2, 10],
      [0.4, 10],
    ]);
    expect(girth(likedSchool, { liked: [liked({ wear })], wear: level })).toBe("unreachable");
  });
});
