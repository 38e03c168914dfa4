import { describe, expect, it } from "vitest";
import { sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import { directionAt, distance, placeAt } from "../../geometry/index.ts";
import { girthsOf } from "../../measured.ts";
import { operate } from "../../operations/index.ts";
import { edgeLength, edgeOf, levelWidth, type Piece } from "../../piece/index.ts";
import type { DraftFacts } from "../facts.ts";
import { drawBy } from "../recipes.ts";

const FACTS = {
  measures: {
    bust: 900,
    bust_front_arc: 480,
    waist: 740,
    waist_front_arc: 380,
    hip: 1000,
    hip_front_arc: 480,
    leg_edge: 650,
  },
  girths: { overbust: 740, bust: 760, underbust: 690, waist: 640, highHip: 780, hip: 860, leg: 560 },
  lengths: {
    front_waist: 420,
    back_waist: 395,
    side_waist: 190,
    shoulder_to_apex: 265,
    underbust_to_waist: 85,
    crotch_front: 320,
    crotch_back: 360,
    waist_to_hip: 195,
    waist_to_high_hip: 98,
    trunk_loop: 1480,
  },
  options: {},
} satisfies DraftFacts;
type Own = Partial<DraftFacts>;
const facts = (options: DraftFacts["options"], own: Own = {}): DraftFacts => ({ ...FACTS, ...own, options });
const drawn = (options: DraftFacts["options"] = {}, own: Own = {}) => sampleDraft("onePiece", facts(options, own));
const half = (draft: ReturnType<typeof drawn>, id: string) => {
  const piece = draft.pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`There is no ${id}.`);
  return piece;
};
const lengths = (own: Partial<typeof FACTS.lengths>) => ({ lengths: { ...FACTS.lengths, ...own } });

describe("the trunk of a one-piece", () => {
  it("by hand: its four parts are the needed loop, each by its proportion", () => {
    const value = (id: string) => drawn().numbers.find((number) => number.id === id)?.explanation.result.value;
    // 420 + 320 + 360 + 395 = 1495 become 1480.
    expect(value("front.shoulderToWaist")).toBeCloseTo((420 * 1480) / 1495, 9);
    expect(value("back.shoulderToWaist")).toBeCloseTo((395 * 1480) / 1495, 9);
    expect(value("front.crotch")).toBeCloseTo((320 * 1480) / 1495, 9);
  });

  it("as drawn is the planned one, longer or shorter", () => {
    for (const trunk_loop of [1440, 1480, 1560]) {
      const loop = girthsOf(drawn({}, lengths({ trunk_loop }))).girths.find(({ level }) => level === "trunkLoop");
      expect(loop).toEqual({ level: "trunkLoop", plannedMm: trunk_loop, piecesMm: expect.closeTo(trunk_loop, 6) });
    }
  });

  it("drawn is what can be measured on the pieces: centre lines, necks and gusset", () => {
    const draft = drawn({ neck_depth: 150, back_depth: 180 });
    const centres = ["front", "gusset", "back"].map((id) => edgeLength(edgeOf(half(draft, id), "centre")));
    expect(centres.reduce((sum, mm) => sum + mm, 0) + 150 + 180).toBeCloseTo(1480, 6);
  });

  it("without a loop is the sum of its parts, and says so", () => {
    const { trunk_loop: _left, ...rest } = FACTS.lengths;
    const draft = drawn({}, { lengths: rest });
    expect(girthsOf(draft).girths.at(-1)?.piecesMm).toBeCloseTo(1495, 6);
    expect(draft.notes).toContain("No trunk loop was planned: it is the sum of its four parts.");
  });
});

describe("a halter back", () => {
  const halter = drawn({ back: "halter", back_depth: 210 });

  it("has one line across from the centre to the underarm, and no shoulder", () => {
    expect(half(halter, "back").edges.map(({ id }) => id)).toEqual(["neckline", "side", "leg", "gusset", "centre"]);
    const line = edgeOf(half(halter, "back"), "neckline");
    expect(line.lines[0]?.from.x).toBe(0);
    expect(line.lines.at(-1)?.to).toEqual(edgeOf(half(halter, "back"), "side").lines[0]?.from);
  });

  it("ties the front's strap at the neck: sewn to no shoulder, as far from the centre as told", () => {
    const strap = edgeOf(half(drawn({ back: "halter", halter_from_centre: 48, strap_width: 20 }), "front"), "shoulder");
    expect(strap).toMatchObject({ role: "strap", seam: null });
    expect([strap.lines[0]?.from.x, strap.lines[0]?.to.x]).toEqual([38, 58]);
  });

  it("keeps every rule, and the trunk loop", () => {
    expect(checkDraft(halter).filter(({ ok }) => !ok)).toEqual([]);
    expect(girthsOf(halter).girths.find(({ level }) => level === "trunkLoop")?.piecesMm).toBeCloseTo(1480, 6);
    expect(halter.notes.join(" ")).toContain("tied behind the neck");
  });
});

describe("an underbust band", () => {
  const banded = drawn({ underbust_band: 30, neck_depth: 150, back_depth: 150 });

  it("by hand: is the planned underbust on its upper line, as high as told at the side, of net", () => {
    const band = ["bandFront", "bandBack"].map((id) => half(banded, id));
    const round = band.reduce((sum, { levels: [line] }) => sum + (line ? 2 * levelWidth(line) : 0), 0);
    expect(round).toBeCloseTo(690, 6);
    for (const piece of band) {
      expect(edgeLength(edgeOf(piece, "side"))).toBeCloseTo(30, 3);
      expect(piece.role).toBe("net");
      // As high at the centre as at the side, and cut for the elastic that goes into its lower edge.
      expect(edgeLength(edgeOf(piece, "centre"))).toBeCloseTo(30, 6);
      expect(edgeOf(piece, "lower").allowanceMm).toBe(edgeOf(half(banded, "front"), "leg").allowanceMm);
    }
    expect(checkDraft(banded).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("is as high all along where the side leans in from a wide bust", () => {
    const girths = { ...FACTS.girths, bust: 820, underbust: 620, waist: 590 };
    const leaning = drawn({ underbust_band: 60, neck_depth: 150, back_depth: 150 }, { girths });
    const places = (piece: Piece, id: string) =>
      edgeOf(piece, id).lines.flatMap((line) => Array.from({ length: 41 }, (_, nth) => placeAt(line, nth / 40)));
    for (const id of ["bandFront", "bandBack"]) {
      const upper = places(half(leaning, id), "upper");
      for (const at of places(half(leaning, id), "lower")) {
        const high = Math.min(...upper.map((one) => distance(one, at)));
        expect(Math.abs(high - 60), id).toBeLessThan(1);
      }
    }
  });

  it("follows what is changed on the shell, and takes no change of its own", () => {
    const girth = { operation: "girth", params: { level: "underbust", amount: -16, blend: 60 } };
    const answer = operate(banded, [girth]);
    const [line] = answer.ok ? half(answer.value.draft, "bandFront").levels : [];
    const [before] = half(banded, "bandFront").levels;
    expect(before && line && levelWidth(before) - levelWidth(line)).toBeCloseTo(4, 3);
    const own = { piece: "bandFront", edge: "lower", at: 40, depth: 3 };
    expect(operate(banded, [{ operation: "scoop", params: own }])).toMatchObject({
      ok: false,
      problem: { code: "taken-piece", message: expect.stringContaining("taken from front") },
    });
  });

  it("without a planned underbust, or below a deep back, is named", () => {
    const { underbust: _left, ...girths } = FACTS.girths;
    expect(drawBy("onePiece", facts({ underbust_band: 30 }, { girths }))).toMatchObject({
      ok: false,
      problem: { code: "missing", message: expect.stringContaining("underbust") },
    });
    expect(drawBy("onePiece", facts({ underbust_band: 30, back_depth: 380 }))).toMatchObject({
      ok: false,
      problem: { code: "no-band", message: expect.stringContaining("of the back") },
    });
  });
});

describe("the block of a one-piece", () => {
  it("comes to the plan at every level that goes all round", () => {
    const draft = drawn({ neck_depth: 100, back_depth: 100, leg_raise: 0 });
    expect(girthsOf(draft).girths.map(({ level }) => level)).toEqual([
      "overbust",
      "bust",
      "underbust",
      "waist",
      "highHip",
      "hip",
      "trunkLoop",
    ]);
    for (const { plannedMm, piecesMm } of girthsOf(draft).girths) expect(piecesMm).toBeCloseTo(plannedMm, 6);
  });

  it("a deep neck or back opens the levels it passes", () => {
    expect(girthsOf(drawn({ neck_depth: 290, back_depth: 100, leg_raise: 0 })).openLevels).toEqual([
      "overbust",
      "bust",
    ]);
    expect(girthsOf(drawn({ neck_depth: 100, back_depth: 400, leg_raise: 0 })).openLevels).toContain("waist");
  });

  it("by hand: the front takes the bust arc's share at bust and underbust", () => {
    const at = (level: string) => half(drawn(), "front").levels.find((line) => line.level === level);
    const under = at("underbust");
    expect(under && levelWidth(under)).toBeCloseTo((690 * 480) / 900 / 2, 9);
  });

  it("is as long along the side as underarm to leg, front and back alike", () => {
    const draft = drawn({ leg_raise: 55 });
    for (const id of ["front", "back"])
      expect(edgeLength(edgeOf(half(draft, id), "side"))).toBeCloseTo(190 + 195 - 55, 1);
  });

  it("without overbust and underbust goes from bust to waist", () => {
    const { overbust: _o, underbust: _u, ...girths } = FACTS.girths;
    const draft = drawn({ neck_depth: 80, back_depth: 80, leg_raise: 0 }, { girths });
    expect(girthsOf(draft).girths.map(({ level }) => level)).toEqual(["bust", "waist", "highHip", "hip", "trunkLoop"]);
  });
});

describe("necklines and backs", () => {
  it.each([
    [{ neck: "scoop" }],
    [{ neck: "straight" }],
    [{ neck: "v", neck_depth: 260 }],
    [{ neck: "plunge", plunge_line: "fuller", neck_depth: 300 }],
    [{ neck: "plunge", plunge_line: "plainer", neck_depth: 300 }],
    [{ back: "straps", back_depth: 350 }],
    [{ back: "high" }],
  ] as const)("%o keeps every rule: square at the centre, going on over the shoulder", (options) => {
    expect(checkDraft(drawn(options as DraftFacts["options"])).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("lie as deep as they were told, and arrive upright at the strap", () => {
    const front = half(drawn({ neck_depth: 210 }), "front");
    const [neck, shoulder] = [edgeOf(front, "neckline").lines, edgeOf(front, "shoulder").lines[0]];
    expect((neck[0]?.from.y ?? 0) - (shoulder?.from.y ?? 0)).toBeCloseTo(210, 9);
    const last = neck.at(-1);
    expect(last && directionAt(last, 1)).toMatchObject({ x: expect.closeTo(0, 9), y: expect.closeTo(-1, 9) });
  });

  it("a fuller plunge covers more than a plainer one", () => {
    const cover = (plunge_line: string) => {
      const line = edgeOf(half(drawn({ neck: "plunge", plunge_line, neck_depth: 300 }), "front"), "neckline").lines[0];
      if (line?.kind !== "curved") throw new Error("A plunge is a curve.");
      return (line.from.x + 3 * line.leave.x + 3 * line.arrive.x + line.to.x) / 8;
    };
    expect(cover("fuller")).toBeLessThan(cover("plainer"));
  });

  it("a high back stands higher than a scooped one of the same depth", () => {
    const top = (back: string) => edgeLength(edgeOf(half(drawn({ back, back_depth: 200 }), "back"), "centre"));
    expect(top("high") - top("scoop")).toBeCloseTo(160, 9);
  });
});

describe("a one-piece that cannot be drawn", () => {
  it.each([
    [
      "apex below the waist",
      {},
      lengths({ shoulder_to_apex: 420 }),
      "heights-crossed",
      /shoulder_to_apex to be less than front_waist/,
    ],
    [
      "underbust above the bust",
      {},
      lengths({ underbust_to_waist: 170 }),
      "heights-crossed",
      /underbust_to_waist is 170/,
    ],
    [
      "underarm at the shoulder",
      {},
      lengths({ side_waist: 380 }),
      "no-armhole",
      /front_waist brings it .*side_waist do not fit/,
    ],
    [
      "straps wider than the body",
      { strap_width: 90 },
      { girths: { ...FACTS.girths, overbust: 420, bust: 430, underbust: 420 } },
      "strap-outside",
      /too small for straps of 90/,
    ],
    [
      "a back cut to the seat",
      { back_depth: 520 },
      lengths({ crotch_back: 200, back_waist: 330, waist_to_hip: 100, waist_to_high_hip: 50 }),
      "neck-too-deep",
      /back to end 60 mm or more above the gusset/,
    ],
  ] as const)("names what does not fit: %s", (_said, options, own, code, message) => {
    expect(drawBy("onePiece", facts(options as DraftFacts["options"], own))).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    });
  });

  it("an underbust is planned, but its height was not taken", () => {
    const { underbust_to_waist: _left, ...rest } = FACTS.lengths;
    expect(drawBy("onePiece", facts({}, { lengths: rest }))).toMatchObject({ ok: false, problem: { code: "missing" } });
  });
});
