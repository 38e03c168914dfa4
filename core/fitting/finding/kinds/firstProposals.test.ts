import { describe, expect, it } from "vitest";
import {
  answer,
  evaluate,
  SAMPLE_JOB,
  sampleFinding,
  sampleFrozen,
  sampleLength,
  samplePrototype,
} from "../../../testing/index.ts";
import { explainPart } from "../../decide/explainProposal.ts";
import type { Finding } from "../../fitting.ts";

/** Planned by a school that stretches lengths as well. */
const PLANNED = samplePrototype({ frozen: sampleFrozen([], { job: { ...SAMPLE_JOB, school: "fixed" } }) });

describe("first proposals", () => {
  it("a gape: a wedge of the share, and the elastic only in stretchy cloth under 12 mm", () => {
    const small = answer({ kind: "gape", spot: "neckline", amountMm: 10 });
    expect(small.first).toMatchObject({
      id: "wedge",
      amountMm: -5,
      blend: "to nothing at the bust line",
      pieces: "front",
    });
    expect(small.remedies.map(({ id }) => id)).toEqual(["wedge", "dart", "elastic"]);
    expect(answer({ kind: "gape", spot: "armhole", amountMm: 12 }).remedies.map(({ id }) => id)).toEqual([
      "wedge",
      "dart",
    ]);
    const stiff = samplePrototype();
    const firm = { ...stiff, frozen: { ...stiff.frozen, stretch: { ...stiff.frozen.stretch, usable: 0.1 } } };
    expect(answer({ kind: "gape", spot: "armhole", amountMm: 6 }, firm).remedies).toHaveLength(2);
  });

  it("a tight zone: from the allowance where it suffices, and beside it the school's girth", () => {
    const sewn = samplePrototype({ sewn: [{ zone: "waist", side: "single", sewnMm: 640, text: "32 cm" }] });
    const tight = answer({ kind: "tight", amountMm: 12, detail: { allowance: 6 } }, sewn);
    expect(tight.first?.name).toBe("Let out from the seam allowance");
    expect(tight.remedies[1]).toMatchObject({ id: "to-school", amountMm: 653 - 640 });
    expect(answer({ kind: "tight", amountMm: 40, detail: { allowance: 6 } }, sewn).first?.name).toBe(
      "Let the girth out",
    );
    expect(answer({ kind: "tight", amountMm: 12 }).remedies.map(({ id }) => id)).toEqual(["let-out"]);
  });

  it("a pool: through a seam only in soft plain cloth; else a centre-back seam or folded out", () => {
    const pool = (detail: Finding["detail"]) =>
      answer({ kind: "pool", spot: "smallOfBack", amountMm: 20, detail }, PLANNED);
    expect(pool({ seam: "back", surface: "plain", hand: "soft" }).first?.id).toBe("through-seam");
    expect(pool({ seam: "back", surface: "pattern", hand: "soft" }).first).toMatchObject({
      id: "centre-back-seam",
      why: expect.stringMatching(/^Not through the seam/),
    });
    expect(pool({ seam: "none" })).toMatchObject({ first: { id: "centre-back-seam" }, asks: [] });
    expect(pool({}).asks).toEqual([expect.stringMatching(/whether a seam runs there, stripe or print, soft or firm/)]);
    expect(pool({}).first?.lengthId).toBe("backRise");
  });

  it("a short strap: the strap alone where it is a length of the plan, and the torso asked about first", () => {
    const planned = PLANNED.frozen;
    const strap = sampleLength({ id: "strap", name: "Strap", bodyMm: 400, cutMm: 380 });
    const bra = { ...PLANNED, frozen: { ...planned, lengths: [strap] } };
    const short = answer({ kind: "short", spot: "strap", amountMm: 20 }, bra);
    expect(short.first).toMatchObject({
      id: "strap",
      on: "length",
      lengthId: "strap",
      amountMm: expect.closeTo(19, 9),
    });
    expect(short.asks).toEqual([expect.stringMatching(/trunk loop first/)]);
    expect(answer({ kind: "short", spot: "seat", amountMm: 20 }, PLANNED).first).toMatchObject({
      id: "halves",
      lengthId: "backRise",
    });
  });

  it("a line off its place: front and back by their own amounts, the way it has to go", () => {
    const shifted = (own: Partial<Finding>) => answer({ kind: "shifted_line", ...own });
    const partsOf = (own: Partial<Finding>) =>
      shifted(own).first?.parts.map(({ pieces, amountMm }) => [pieces, Math.round(amountMm * 10) / 10]);
    expect(partsOf({ amountMm: 12, detail: { way: "low", back: 5 } })).toEqual([
      ["front", -12],
      ["back", -5],
    ]);
    expect(partsOf({ amountMm: 12, detail: { way: "low", back: 5, backWay: "high" } })).toEqual([
      ["front", -12],
      ["back", 5],
    ]);
    expect(partsOf({ detail: { way: "high", back: 5 } })).toEqual([["back", 5]]);
    expect(shifted({ detail: { way: "high" } })).toMatchObject({
      remedies: [],
      asks: [expect.stringMatching(/how far/)],
    });
  });

  it("a waist line of a bodice: divided by the stretch along each piece, and named as the length it changes", () => {
    const lengths = [
      sampleLength({ id: "frontWaist", name: "Front", bodyMm: 440, cutMm: 400 }),
      sampleLength({ id: "backWaist", name: "Back", bodyMm: 410, cutMm: 410 }),
    ];
    const prototype = samplePrototype({ frozen: { ...sampleFrozen(), lengths } });
    const { first } = answer({ kind: "shifted_line", amountMm: 22, detail: { way: "low", back: 10 } }, prototype);
    expect(first?.parts).toMatchObject([
      { lengthId: "frontWaist", amountMm: expect.closeTo(-20, 9), strain: expect.closeTo(0.1, 9) },
      { lengthId: "backWaist", amountMm: -10, strain: 0 },
    ]);
    for (const part of first?.parts ?? []) {
      expect(evaluate(explainPart(sampleFinding(), { name: "move" }, part))).toBeCloseTo(part.amountMm, 9);
    }
  });

  it("a point off both ways: each by its own amount and way, and it is asked which", () => {
    const apex = (detail: Finding["detail"]) =>
      answer({ kind: "shifted_apex", spot: "bustPoint", zone: "bust", amountMm: 10, detail });
    expect(
      apex({ toward: "up", across: 4, acrossToward: "centre" }).first?.parts.map(({ id, readMm }) => [id, readMm]),
    ).toEqual([
      ["up", 10],
      ["centre", 4],
    ]);
    expect(apex({ toward: "up", across: 4 }).asks).toHaveLength(1);
    expect(apex({ toward: "up", across: 4, acrossToward: "down" }).asks).toHaveLength(1);
  });

  it("a drag: asks where slanting folds point, and sends to the place", () => {
    expect(answer({ kind: "drag", detail: { direction: "slanting" } })).toMatchObject({
      remedies: [],
      asks: [expect.stringMatching(/where they point/)],
    });
    expect(answer({ kind: "drag", detail: { direction: "slanting", pointsAt: "seat" } }).first?.name).toBe(
      "Give room at the seat",
    );
    expect(answer({ kind: "drag", detail: { direction: "across" } }).first?.why).toMatch(/tight there/);
  });

  it("what digs: 3 to 5 % of the stretched part by the mark; bone and wire get shorter; a strap asks for the loop", () => {
    const digs = (own: Partial<Finding>) => answer({ kind: "digs", ...own });
    expect(digs({ spot: "leg", detail: { mark: "goes", stretched: 400 } }).first?.amountMm).toBeCloseTo(12, 9);
    expect(digs({ spot: "leg", detail: { mark: "stays", stretched: 400 } }).first?.amountMm).toBeCloseTo(20, 9);
    expect(digs({ spot: "leg", detail: { mark: "goes" } }).asks).toEqual([expect.stringMatching(/stretched part/)]);
    expect(digs({ spot: "wire", amountMm: 6, detail: { mark: "stays" } }).first).toMatchObject({
      id: "shorter-wire",
      amountMm: -6,
    });
    expect(digs({ spot: "strap", amountMm: 6, detail: { mark: "goes" } }).asks.join(" ")).toMatch(/trunk loop first/);
    expect(digs({ spot: "leg", detail: { mark: "none" } }).first?.id).toBe("watch");
  });

  it("a lacing gap: gives where it is wider than at the waist, takes where it is narrower, leaves a parallel one", () => {
    const gap = (top: number, bottom: number) =>
      answer({ kind: "gap_shape", spot: "lacing", detail: { top, waist: 40, bottom } });
    const parts = (top: number, bottom: number) =>
      gap(top, bottom).first?.parts.map(({ id, amountMm }) => [id, amountMm]);
    expect(parts(60, 40)).toEqual([["top", 20]]);
    expect(parts(60, 30)).toEqual([
      ["top", 20],
      ["bottom", -10],
    ]);
    expect(gap(45, 36).first).toMatchObject({ id: "parallel", amountMm: null });
  });

  it("a swing moves girth over, one side changes alone, a closed zip is never forced", () => {
    expect(answer({ kind: "swing", spot: "sideSeam", amountMm: 8, detail: { way: "back" } }).first).toMatchObject({
      id: "balance-back",
      on: "balance",
    });
    expect(answer({ kind: "uneven", side: "both", amountMm: 8 })).toMatchObject({ remedies: [] });
    expect(
      answer({ kind: "uneven", side: "left", amountMm: 8, detail: { which: "less" } }).first?.amountMm,
    ).toBeLessThan(0);
    expect(answer({ kind: "closure", amountMm: 8, detail: { kind: "zip" } }).cautions).toEqual([
      "Never force an invisible zip: once it has split it is replaced, not mended.",
    ]);
  });

  it("stop signs are told at once; how it feels is otherwise only kept", () => {
    const felt = answer({ kind: "comfort", detail: { score: "2", numbness: "yes", breathless: "yes" } });
    expect(felt).toMatchObject({
      remedies: [],
      cautions: [expect.stringMatching(/^numbness, breathlessness: take it off at once/)],
    });
    expect(answer({ kind: "comfort", detail: { score: "5" } }).cautions).toEqual([]);
  });

  it("an edge that hangs free is read on resting cloth, a length on the stretch along the body", () => {
    expect(answer({ kind: "gape", spot: "leg", amountMm: 20 }).there).toBeNull();
    const length = PLANNED.frozen.lengths?.find(({ id }) => id === "backRise");
    const { there } = answer({ kind: "pool", spot: "smallOfBack", amountMm: 20 }, PLANNED);
    expect(there).toMatchObject({ bodyMm: length?.bodyMm, garmentMm: length?.cutMm });
  });
});
