import { describe, expect, it } from "vitest";
import { NEW_STRAP } from "../../band/index.ts";
import type { JobFacts } from "../../calculation/index.ts";
import { edgeLength, edgeOf, pieceOf } from "../../drafting/index.ts";
import { planStyle, SHIPPED_EASE_SETTINGS, type ShippedStyleId, styleOf } from "../../ease/index.ts";
import { BREAST, sampleBody } from "../../testing/index.ts";
import { drawPieces, PIECES } from "../calculations.ts";

const settings = SHIPPED_EASE_SETTINGS;
const cloth = { usable: 0.6, recovery: 0.95, wear: null, usableAlong: 0.4, contraction: 0.3 };
const BODY = sampleBody({
  ...BREAST,
  ...{ shoulder_girth: 1010, bust: 920, underbust: 760, waist: 740, high_hip: 905, hip: 1008 },
  ...{ strap_front: 258, strap_back: 314, front_waist: 436, back_waist: 402, shoulder_to_apex: [276, 274] },
  ...{ waist_to_hip: 205, skirt_side: 565 },
});

function jobOf(styleId: ShippedStyleId, keptWorkings: JobFacts["keptWorkings"]): JobFacts {
  const style = styleOf(styleId);
  const choice = { school: "share", zones: {}, pressuresKpa: {} } as const;
  return {
    ...{ style, settings, school: "share", zones: {}, stretch: cloth as unknown as JobFacts["stretch"] },
    ...{ cupsStretch: null, layerNames: [], rollWidthMm: null, cloths: [], edge: null, openings: {}, closed: null },
    plan: planStyle({ style, body: BODY, cloth, settings, choice }),
    ...{ body: BODY, patternLengthsMm: {}, keptWorkings },
    beside: { settingsName: "as shipped", elastics: [] } as unknown as JobFacts["beside"],
  };
}

const STRAP = { ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40 };
const CUT_MM = (258 + 314 - 24) / 1.08 + 40;

describe("one length of a strap", () => {
  const strip = (job: JobFacts, set: object) => drawPieces("stripPieces", set, PIECES.stripPieces.facts(job));

  it("is that of Band for a strip that becomes a strap, and for the strap of a whole bra", () => {
    const job = jobOf("wiredBra", { strap: STRAP });
    const { draft } = strip(job, { kind: "strap", width: 10 });
    if (!draft) throw new Error("A strip is drawn.");
    expect(edgeLength(edgeOf(pieceOf(draft, "strap"), "top"))).toBeCloseTo(CUT_MM, 9);
    const whole = { softBra: PIECES.softBraPieces, wiredBra: PIECES.wiredBraPieces };
    for (const style of ["softBra", "wiredBra"] as const)
      expect(whole[style].facts(jobOf(style, { strap: STRAP })).elsewhere.strap_length).toMatchObject({
        value: CUT_MM,
        at: "Band",
      });
  });

  it("says nothing of a tie, and gives way to what is typed", () => {
    const job = jobOf("wiredBra", { strap: STRAP });
    expect(strip(job, { kind: "tie", width: 10 }).lacks).toEqual([{ what: "entry", name: "finished length" }]);
    const { draft } = strip(job, { kind: "strap", width: 10, length: 365 });
    if (!draft) throw new Error("A strip is drawn.");
    expect(edgeLength(edgeOf(pieceOf(draft, "strap"), "top"))).toBe(365);
  });

  it("is asked for while Band was not worked out, or lacks something", () => {
    const lacks = [{ what: "entry", name: "finished length" }];
    expect(strip(jobOf("wiredBra", {}), { kind: "strap", width: 10 }).lacks).toEqual(lacks);
    const noRings = { strap: { ...STRAP, hardwareMm: null } };
    expect(strip(jobOf("wiredBra", noRings), { kind: "strap", width: 10 }).lacks).toEqual(lacks);
  });

  it("of a slip is what its edges leave, as its pieces say it", () => {
    const slipPieces = { ...PIECES.slipPieces.fresh, front_rise: 100 };
    const job = jobOf("slip", { slipPieces });
    const slip = drawPieces("slipPieces", slipPieces, PIECES.slipPieces.facts(job));
    const said = slip.numbers.find(({ id }) => id === "strap.length")?.explanation.result.value;
    expect(said).toBeGreaterThan(100);
    const { draft } = strip(job, { kind: "strap", width: 8 });
    if (!draft) throw new Error("A strip is drawn.");
    expect(edgeLength(edgeOf(pieceOf(draft, "strap"), "top"))).toBeCloseTo(said ?? Number.NaN, 9);
  });
});
