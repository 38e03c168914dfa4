import { describe, expect, it } from "vitest";
import { pieceOf } from "../drafting/index.ts";
import { bodyHalf, CENTRE, LEVEL } from "../figure/index.ts";
import { BRIEF_FACTS, draftOf, ONE_PIECE_FACTS, sampleDraft, samplePiece } from "../testing/index.ts";
import { onFigure } from "./onFigure.ts";

/** The places of a path, x from the middle of the figure. */
const placesOf = (path: string | null) =>
  [...(path ?? "").matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x) - CENTRE, y: Number(y) }));
const brief = (options: Readonly<Record<string, number>>) => sampleDraft("brief", { ...BRIEF_FACTS, options });

describe("a piece on the figure", () => {
  it("has its waist at the body's waist from side to side, its gusset at the crotch", () => {
    const places = placesOf(onFigure(pieceOf(brief({}), "front")));
    const [first] = places;
    expect(first).toEqual({ x: 0, y: expect.closeTo(LEVEL.waist, 0) });
    const widest = Math.max(...places.filter(({ y }) => Math.abs(y - LEVEL.waist) < 1.5).map(({ x }) => x));
    expect(Math.abs(widest - bodyHalf(LEVEL.waist))).toBeLessThan(1);
    expect(Math.max(...places.map(({ y }) => y))).toBeCloseTo(LEVEL.crotch, 0);
  });

  it("is alike on both sides", () => {
    const places = placesOf(onFigure(pieceOf(brief({}), "back")));
    const sum = places.reduce((all, { x }) => all + x, 0);
    expect(Math.abs(sum)).toBeLessThan(0.1 * places.length);
  });

  it("follows the style: a raised leg leaves the side higher", () => {
    const side = (leg_raise: number) => {
      const places = placesOf(onFigure(pieceOf(brief({ leg_raise }), "front")));
      return Math.max(...places.filter(({ x, y }) => x > 0.97 * bodyHalf(y)).map(({ y }) => y));
    };
    expect(side(70)).toBeLessThan(side(20) - 5);
  });

  it("goes over the shoulder where it has one", () => {
    const top = sampleDraft("onePiece", ONE_PIECE_FACTS);
    const ys = placesOf(onFigure(pieceOf(top, "front"))).map(({ y }) => y);
    expect(Math.min(...ys)).toBeCloseTo(73, 0);
  });

  it("of no level the figure knows is not drawn", () =>
    expect(
      onFigure(
        draftOf([
          samplePiece([
            [0, 0],
            [9, 0],
            [9, 9],
          ]),
        ]).pieces[0] as never,
      ),
    ).toBeNull());
});
