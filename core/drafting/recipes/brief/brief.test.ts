import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import { directionAt, distance, point } from "../../geometry/index.ts";
import { girthsOf } from "../../measured.ts";
import { edgeLength, edgeOf, levelWidth } from "../../piece/index.ts";
import { drawBy } from "../recipes.ts";

const drawn = (options: Readonly<Record<string, number | string>> = {}, own: Partial<typeof BRIEF_FACTS> = {}) =>
  sampleDraft("brief", { ...BRIEF_FACTS, ...own, options });
const pieceOf = (draft: ReturnType<typeof drawn>, id: string) => {
  const piece = draft.pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`There is no ${id}.`);
  return piece;
};
const along = (draft: ReturnType<typeof drawn>, piece: string, edge: string) =>
  edgeLength(edgeOf(pieceOf(draft, piece), edge));
const legOf = (draft: ReturnType<typeof drawn>) =>
  along(draft, "front", "leg") + along(draft, "gusset", "side") + along(draft, "back", "leg");
const problemOf = (options: Readonly<Record<string, number>>, own: Partial<typeof BRIEF_FACTS> = {}) =>
  drawBy("brief", { ...BRIEF_FACTS, ...own, options });

describe("down the centre of a brief", () => {
  it("by hand: the gusset is a fifth of 690 rounded up to 140, 56 of it before the crotch point", () => {
    const draft = drawn();
    expect(along(draft, "gusset", "centre")).toBeCloseTo(140, 9);
    expect(along(draft, "front", "centre")).toBeCloseTo(320 - 56, 9);
    expect(along(draft, "back", "centre")).toBeCloseTo(370 - 84, 9);
  });

  it.each([
    [{ gusset_before: 0.5 }, 140],
    [{ gusset_step: 20 }, 140],
    [{ gusset_step: 1 }, 138],
    [{ gusset_step: 15 }, 150],
  ])("front, gusset and back are the crotch length, however it is divided: %o", (options, gusset) => {
    const draft = drawn(options);
    expect(along(draft, "gusset", "centre")).toBeCloseTo(gusset, 9);
    const all = ["front", "gusset", "back"].reduce((sum, piece) => sum + along(draft, piece, "centre"), 0);
    expect(all).toBeCloseTo(690, 9);
  });

  it("each centre is shorter by its own drop, and nothing else is", () => {
    const [plain, dropped] = [drawn(), drawn({ waist_drop_front: 30, waist_drop_back: 12 })];
    expect(along(plain, "front", "centre") - along(dropped, "front", "centre")).toBeCloseTo(30, 9);
    expect(along(plain, "back", "centre") - along(dropped, "back", "centre")).toBeCloseTo(12, 9);
    expect(along(plain, "front", "side")).toBeCloseTo(along(dropped, "front", "side"), 9);
  });
});

describe("the widths of a brief", () => {
  it("by hand: the front takes the arc's share of the planned girth, the back the rest", () => {
    const draft = drawn();
    const at = (piece: string, level: string) =>
      levelWidth(
        pieceOf(draft, piece).levels.find((line) => line.level === level) ?? {
          level,
          from: point(0, 0),
          to: point(0, 0),
        },
      );
    expect(at("front", "waist")).toBeCloseTo((640 * 380) / 740 / 2, 9);
    expect(at("back", "waist")).toBeCloseTo((640 * 360) / 740 / 2, 9);
    const share = 380 / 740 + (98 / 195) * (480 / 1000 - 380 / 740);
    expect(at("front", "highHip")).toBeCloseTo((780 * share) / 2, 9);
  });

  it("come to the plan at every level that goes all round; a raised leg leaves none at the hip", () => {
    const draft = drawn();
    expect(
      girthsOf(draft).girths.map(({ level, plannedMm, piecesMm }) => [
        level,
        plannedMm,
        Math.round(piecesMm * 1e6) / 1e6,
      ]),
    ).toEqual([
      ["waist", 640, 640],
      ["highHip", 780, 780],
    ]);
    expect(girthsOf(draft).openLevels).toEqual(["hip"]);
    expect(girthsOf(drawn({ leg_raise: 0 })).openLevels).toEqual([]);
    expect(girthsOf(drawn({ waist_drop_front: 20, waist_drop_side: 20, waist_drop_back: 20 })).openLevels).toEqual([
      "waist",
      "hip",
    ]);
    expect(girthsOf(drawn({ waist_drop_front: 20 })).girths.map(({ level }) => level)).toEqual(["highHip"]);
  });

  it("without arcs are half each, and that is said", () => {
    const draft = drawn({}, { measures: { leg_edge: 622 } });
    expect(draft.notes.join(" ")).toMatch(/half of a girth each: assumed/);
    expect(along(draft, "front", "waist")).toBeCloseTo(along(draft, "back", "waist"), 6);
  });

  it("without a high hip go straight to the hip", () => {
    const { highHip: _left, ...girths } = BRIEF_FACTS.girths;
    expect(girthsOf(drawn({ leg_raise: 0 }, { girths })).girths.map(({ level }) => level)).toEqual(["waist", "hip"]);
  });
});

describe("the side of a brief", () => {
  it("is as long as waist to hip less what is dropped and raised, front and back alike", () => {
    const draft = drawn({ leg_raise: 50, waist_drop_side: 15 });
    expect(along(draft, "front", "side")).toBeCloseTo(195 - 50 - 15, 2);
    expect(along(draft, "back", "side")).toBeCloseTo(195 - 50 - 15, 2);
  });

  it("stands above the centre, so that the waist goes on level over it", () => {
    const front = pieceOf(drawn(), "front");
    const waist = edgeOf(front, "waist").lines[0];
    if (!waist) throw new Error("There is a waist.");
    expect(waist.to.y).toBeLessThan(0);
    expect(directionAt(waist, 0)?.y).toBeCloseTo(0, 9);
    // The waist hardly dips, and is hardly longer than the girth.
    expect(along(drawn(), "front", "waist")).toBeLessThan(1.02 * waist.to.x);
  });

  it("that passes the crotch depth is named", () => {
    const deep = drawn({ leg_raise: 0 }, { measures: { ...BRIEF_FACTS.measures, crotch_depth: 190 } });
    expect(checkDraft(deep).filter(({ ok }) => !ok)).toMatchObject([
      {
        id: "limitsKept",
        piece: "front",
        edge: "side",
        message: expect.stringMatching(/at most crotch_depth, 190 mm, but it is 195/),
      },
    ]);
  });
});

describe("the legs of a brief", () => {
  it("come to the planned girth where a curve reaches it", () => {
    const girths = { ...BRIEF_FACTS.girths, leg: 620 };
    const draft = drawn({}, { girths });
    expect(legOf(draft)).toBeCloseTo(620, 0);
    expect(draft.notes.join(" ")).not.toMatch(/planned leg girth/);
  });

  it("are as tight as is smooth where the plan is tighter: the elastic takes up the rest", () => {
    const draft = drawn();
    expect(legOf(draft)).toBeGreaterThan(560);
    expect(legOf(draft)).toBeLessThan(622);
    expect(draft.notes.join(" ")).toMatch(
      /560 mm is tighter than any curve: the nearest smooth leg edge is \d+ mm, and its elastic/,
    );
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("that would stand off the body, or are too short for the plan, are named", () => {
    const off = drawn({}, { measures: { ...BRIEF_FACTS.measures, leg_edge: 580 } });
    const short = drawn({}, { girths: { ...BRIEF_FACTS.girths, leg: 900 } });
    for (const [draft, message] of [
      [off, /at most the 580 mm it lies on, but it is \d+ mm long: it would stand off/],
      [short, /at least the planned 900 mm, but no smooth curve there is longer/],
    ] as const)
      expect(checkDraft(draft).find(({ ok }) => !ok)).toMatchObject({
        id: "elasticsTakeUp",
        message: expect.stringMatching(message),
      });
  });

  it("leave the side square, and meet the gusset square", () => {
    for (const back_leg of ["straight", "curved", "fuller"]) {
      const back = pieceOf(drawn({ back_leg }), "back");
      const leg = edgeOf(back, "leg").lines;
      const side = edgeOf(back, "side").lines.at(-1);
      const [into, down, out] = [leg[0] && directionAt(leg[0], 0), side && directionAt(side, 1), leg.at(-1)];
      expect((into?.x ?? 9) * (down?.x ?? 9) + (into?.y ?? 9) * (down?.y ?? 9)).toBeCloseTo(0, 9);
      expect(out && directionAt(out, 1)).toMatchObject({ x: expect.closeTo(0, 9), y: expect.closeTo(1, 9) });
    }
  });

  it("cover more of the seat the fuller they are, and less the higher they are", () => {
    const middle = (options: Readonly<Record<string, number | string>>) => {
      const leg = edgeOf(pieceOf(drawn({ leg_raise: 60, ...options }), "back"), "leg").lines;
      const from = leg[0]?.from ?? point(0, 0);
      const to = leg.at(-1)?.to ?? point(0, 0);
      const chord = distance(from, to);
      // Of the area between the edge and the straight line, the sign and size tell how it lies.
      const places = leg.flatMap((line) => (line.kind === "curved" ? [line.leave, line.arrive] : []));
      return (
        places.reduce(
          (sum, { x, y }) => sum + ((to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x)) / chord,
          0,
        ) / places.length
      );
    };
    expect(middle({ back_leg: "fuller" })).toBeLessThan(middle({ back_leg: "straight" }));
    expect(middle({ back_leg: "straight" })).toBeLessThan(middle({ back_leg: "straight", leg_raise_back: 15 }));
  });
});

describe("a brief that cannot be drawn", () => {
  it.each([
    [
      "no side between waist and leg",
      { waist_drop_side: 100, leg_raise: 90 },
      {},
      "no-side-left",
      /lowered to 100 mm and the leg raised to 105/,
    ],
    [
      "no centre",
      { waist_drop_front: 250 },
      {},
      "no-centre-left",
      /crotch_front leaves 264 mm above the gusset and the waist is lowered by 250/,
    ],
    [
      "a crotch above the leg",
      { leg_raise: 0 },
      { lengths: { ...BRIEF_FACTS.lengths, crotch_front: 240 } },
      "crotch-too-high",
      /crotch_front is too short for waist_to_hip/,
    ],
    [
      "a waist that cannot reach the high hip",
      {},
      { girths: { ...BRIEF_FACTS.girths, highHip: 1250, hip: 1260 } },
      "side-too-short",
      /high hip.*below the waist/,
    ],
    [
      "heights crossed",
      {},
      { lengths: { ...BRIEF_FACTS.lengths, waist_to_high_hip: 195 } },
      "heights-crossed",
      /less than waist_to_hip, but they are 195 and 195/,
    ],
    [
      "an arc of another body",
      {},
      { measures: { ...BRIEF_FACTS.measures, hip_front_arc: 800 } },
      "arc-and-girth",
      /80 %/,
    ],
  ])("names what does not fit: %s", (_said, options, own, code, message) => {
    expect(problemOf(options as Record<string, number>, own as Partial<typeof BRIEF_FACTS>)).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    });
  });

  it("a high hip is planned, but its height was not taken", () => {
    const { waist_to_high_hip: _left, ...lengths } = BRIEF_FACTS.lengths;
    expect(problemOf({}, { lengths })).toMatchObject({ ok: false, problem: { code: "missing" } });
  });
});
