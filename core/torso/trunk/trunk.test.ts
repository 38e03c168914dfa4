import { describe, expect, it } from "vitest";
import { trunkStrain } from "../../ease/index.ts";
import { ok } from "../../result.ts";
import { sampleBody } from "../../testing/index.ts";
import { reckonTrunk } from "./trunk.ts";
import type { TrunkFacts } from "./trunkFacts.ts";
import { NEW_TRUNK, type TrunkWorking } from "./working.ts";

const PARTS = { front_waist: 430, crotch_front: 320, crotch_back: 370, back_waist: 400 };

const facts = (own: Partial<TrunkFacts> = {}): TrunkFacts => ({
  body: sampleBody({ trunk_loop: 1545, ...PARTS }),
  strains: { bust: 0.2, waist: 0.1, hip: 0.2 },
  along: ok({ lengthStrain: 0.06, contraction: 0.3, drawIn: "counted" }),
  freedom: 0.5,
  leaveUnderMm: 10,
  settingsName: "settings as shipped",
  innerLayers: ["Lining"],
  wraps: [],
  chart: null,
  ...own,
});

const draft: TrunkWorking = {
  ...NEW_TRUNK,
  trunkLoop: 1440,
  frontWaist: 402,
  crotchFront: 304,
  crotchBack: 338,
  backWaist: 378,
  linked: "facing, facing, ",
};

describe("the mean strain of a trunk", () => {
  it("by hand: straps a fifth and crotch a tenth count 0, levels half of the way to the next", () => {
    const strain = trunkStrain({
      loopMm: 1500,
      strapsMm: null,
      upperPart: null,
      bustStrain: 0.2,
      waistStrain: 0.1,
      hipStrain: 0.3,
    });
    // Above the waist 750 − 300, below it 750 − 150.
    expect(strain).toMatchObject({ strapsMm: 300, crotchMm: 150, bustMm: 225, waistMm: 525, hipMm: 300 });
    expect(strain.mean).toBeCloseTo((225 * 0.2 + 525 * 0.1 + 300 * 0.3) / 1500, 12);
  });

  it("takes measured straps and the body's own parts, and slack for 0", () => {
    const strain = trunkStrain({
      loopMm: 1500,
      strapsMm: 240,
      upperPart: 0.6,
      bustStrain: -0.1,
      waistStrain: 0.1,
      hipStrain: 0.1,
    });
    expect(strain.bustMm).toBe((900 - 240) / 2);
    expect(strain.mean).toBeCloseTo((strain.waistMm * 0.1 + strain.hipMm * 0.1) / 1500, 12);
  });
});

describe("a trunk against its pattern", () => {
  it("places each part where it lacks, the pieces under it to be ticked", () => {
    const { trunk, placements, lacks } = reckonTrunk(draft, facts());
    expect(lacks).toEqual([]);
    expect(trunk?.placing.act).toBe(true);
    expect(placements.map(({ id, piece }) => `${piece} ${id}`)).toEqual([
      "Front frontWaist",
      "Front crotchFront",
      "Back crotchBack",
      "Back backWaist",
    ]);
    expect(placements[0]?.linked.map(({ name }) => name)).toEqual(["Lining", "facing"]);
    const placed = placements.reduce((sum, { amountMm }) => sum + amountMm, 0);
    expect(placed).toBeCloseTo(trunk?.placing.deltaMm ?? Number.NaN, 6);
  });

  it("no longer counts a tick once the amount is another", () => {
    const amount = reckonTrunk(draft, facts()).placements[0]?.amountMm ?? 0;
    const ticked = (at: number) =>
      reckonTrunk({ ...draft, ticked: { "frontWaist:Lining": at } }, facts()).placements[0]?.linked[0]?.ticked;
    expect([ticked(amount), ticked(amount + 1)]).toEqual([true, false]);
  });

  it("compares body to body where nobody knows how much shorter a graded pattern is drawn", () => {
    const chart: TrunkWorking = { ...NEW_TRUNK, from: "chart", school: "halves", trunkLoop: 1500 };
    const bare = reckonTrunk(chart, facts({ along: null, strains: { bust: null, waist: null, hip: null } }));
    expect(bare.trunk).toMatchObject({ bodyToBody: true, placing: { deltaMm: 45, frontMm: 22.5 } });
    const drawn = reckonTrunk({ ...chart, ownReduction: 0.04 }, facts());
    expect(drawn.trunk?.bodyToBody).toBe(false);
    expect(drawn.trunk?.pattern.trunkLoop).toBe(1440);
  });

  it("takes the loop its chart states for the size named; unsaid, or outside the chart, it takes none and says so", () => {
    const chart = {
      sizes: [
        { name: "38", bodyMm: 1500, finishedMm: null },
        { name: "40", bodyMm: 1530, finishedMm: 1462 },
        { name: "42", bodyMm: null, finishedMm: null },
      ],
      chosen: "38",
    };
    const by = (own: Partial<TrunkWorking>) =>
      reckonTrunk({ ...NEW_TRUNK, from: "chart", school: "halves", ...own }, facts({ chart }));
    expect(by({ size: "38" }).trunk).toMatchObject({ bodyToBody: true, pattern: { trunkLoop: 1500 } });
    expect(by({})).toMatchObject({
      trunk: null,
      lacks: [{ what: "entry", name: "the size the loop is of (38, 40, 42; the plan takes 38 at the waist)" }],
    });
    expect(by({ size: "50" })).toMatchObject({
      trunk: null,
      lacks: [{ what: "entry", name: "a size of the chart: “50” is none of 38, 40, 42" }],
    });
    expect(by({ size: "40" }).trunk).toMatchObject({ bodyToBody: false, pattern: { trunkLoop: 1462 } });
    expect(by({ size: "42" }).lacks).toEqual([
      { what: "entry", name: "the loop of size 42, which its chart does not state" },
    ]);
  });

  it("takes the loop of a body wrap", () => {
    const wraps = [{ id: 3, name: "First", loop: { trunkLoop: 1553 } }];
    const reckoning = reckonTrunk({ ...NEW_TRUNK, from: "wrap", school: "halves", wrapId: 3 }, facts({ wraps }));
    expect(reckoning.trunk?.pattern.trunkLoop).toBe(1553);
    expect(reckonTrunk({ ...NEW_TRUNK, from: "wrap", wrapId: 4 }, facts({ wraps })).lacks).toEqual([
      { what: "entry", name: "which body wrap" },
    ]);
  });

  it("gives no number without the loop, the girths or the school, and names each", () => {
    const nothing = reckonTrunk(NEW_TRUNK, facts({ body: sampleBody({}), along: null }));
    expect(nothing.numbers).toEqual([]);
    expect(nothing.lacks).toEqual([
      { what: "measure", code: "trunk_loop", side: "single" },
      { what: "entry", name: "the loop of the pattern" },
      { what: "plan", message: expect.stringContaining("school") },
    ]);
    const unplanned = reckonTrunk(draft, facts({ strains: { bust: 0.2, waist: null, hip: 0.1 } }));
    expect(unplanned.lacks).toEqual([{ what: "plan", message: expect.stringContaining("bust, waist and hip") }]);
  });

  it("falls back to halves and says which parts are missing on which side", () => {
    const body = sampleBody({ trunk_loop: 1545, ...PARTS, front_waist: undefined as unknown as number });
    const { trunk, lacks, notes } = reckonTrunk({ ...draft, backWaist: null }, facts({ body }));
    expect(trunk?.placing.school).toBe("halves");
    expect(notes[0]).toContain("half front, half back until");
    expect(lacks).toEqual([
      { what: "measure", code: "front_waist", side: "single" },
      { what: "entry", name: "the pattern’s back, waist to nape" },
    ]);
  });

  it("can take length off, and leaves less than the setting", () => {
    const { trunk, placements } = reckonTrunk({ ...draft, trunkLoop: 1600 }, facts());
    expect(trunk?.placing.deltaMm).toBeLessThan(0);
    expect(placements.some(({ amountMm }) => amountMm < 0)).toBe(true);
    expect(reckonTrunk(draft, facts({ leaveUnderMm: 100 })).placements).toEqual([]);
  });
});
