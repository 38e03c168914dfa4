import { describe, expect, it } from "vitest";
import { sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import { girthsOf } from "../../measured.ts";
import { cutLine, edgeLength, edgeOf, levelWidth } from "../../piece/index.ts";
import { drawBy } from "../recipes.ts";

const FACTS = {
  measures: { bust: 900, bust_front_arc: 480 },
  girths: { bust: 840, waist: 700, hip: 930 },
  lengths: { back_waist: 400, waist_to_hip: 200 },
};
const drawn = (options: Readonly<Record<string, number | string>> = {}) =>
  sampleDraft("camisole", { ...FACTS, options });
const edges = (draft: ReturnType<typeof drawn>, piece: "front" | "back") => {
  const found = draft.pieces.find(({ id }) => id === piece);
  if (!found) throw new Error(`There is no ${piece}.`);
  return { piece: found, edge: (id: string) => edgeOf(found, id) };
};

describe("a camisole", () => {
  it("by hand: half the back waist from underarm to waist, then the length below it", () => {
    expect(edgeLength(edges(drawn({ below_waist: 150 }), "front").edge("side"))).toBeCloseTo(200 + 150, 2);
    expect(edgeLength(edges(drawn({ below_waist: 150 }), "back").edge("side"))).toBeCloseTo(200 + 150, 2);
  });

  it("by hand: the front takes its arc's share of the bust, straps sit at a fifth of half of it", () => {
    const { piece, edge } = edges(drawn({ strap_width: 14 }), "front");
    const bust = piece.levels.find(({ level }) => level === "bust");
    expect(bust && levelWidth(bust)).toBeCloseTo((840 * 480) / 900 / 2, 9);
    const seat = edge("strap").lines[0];
    expect([seat?.from.x, seat?.to.x]).toEqual([84 - 7, 84 + 7]);
  });

  it("counts the levels it reaches only", () => {
    expect(girthsOf(drawn({ below_waist: 150 })).girths.map(({ level }) => level)).toEqual(["bust", "waist"]);
    expect(girthsOf(drawn({ below_waist: 200 })).girths.map(({ level }) => level)).toEqual(["bust", "waist", "hip"]);
    expect(girthsOf(drawn({ below_waist: 150 })).openLevels).toEqual(["hip"]);
  });

  it("hangs straight down past the hip", () => {
    const { edge } = edges(drawn({ below_waist: 420 }), "front");
    const last = edge("side").lines.at(-1);
    expect(last?.to.x).toBeCloseTo(last?.from.x ?? 0, 9);
    expect(edgeLength(edge("side"))).toBeCloseTo(620, 2);
  });

  it("dips at the centre from the height of its straps", () => {
    const { edge } = edges(drawn({ front_rise: 90, neck_dip: 25 }), "front");
    expect(edge("neckline").lines[0]?.from.y).toBe(25 - 90);
    expect(edge("strap").lines[0]?.from.y).toBe(-90);
  });

  it("as a test garment has its true edge at neckline and armholes, as a garment an allowance", () => {
    const top = (made_as: string) =>
      Math.min(
        ...cutLine(edges(drawn({ made_as, neck_dip: 0, front_rise: 80 }), "front").piece).map(({ from }) => from.y),
      );
    const strapAllowance = 6;
    expect(top("test")).toBeCloseTo(-80 - strapAllowance, 3);
    const upper = (made_as: string) => edges(drawn({ made_as }), "front").edge("armhole").allowanceMm;
    expect([upper("test"), upper("garment")]).toEqual([0, 6]);
  });

  it("marks the waist on both sides, where they are matched", () => {
    expect(drawn().pieces.map(({ notches }) => notches)).toEqual([
      [{ edge: "side", mm: 200 }],
      [{ edge: "side", mm: 200 }],
    ]);
  });

  it("keeps every rule", () => expect(checkDraft(drawn()).filter(({ ok }) => !ok)).toEqual([]));

  it("whose straps have no room inside the underarm is named", () => {
    expect(
      drawBy("camisole", {
        ...FACTS,
        measures: {},
        girths: { bust: 300, waist: 280, hip: 300 },
        options: { strap_width: 60 },
      }),
    ).toMatchObject({
      ok: false,
      problem: {
        code: "strap-outside",
        message: expect.stringMatching(/planned bust is too small for straps of 60 mm/),
      },
    });
  });
});
