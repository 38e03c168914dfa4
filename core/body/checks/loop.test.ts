import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { foundBy, measuredAll } from "../../testing/index.ts";
import { LOOP_TOLERANCE } from "./loop.ts";

const PARTS = { front_waist: 440, crotch_front: 320, crotch_back: 370, back_waist: 410 } as const;
const SUM = 1540;
const found = (trunk_loop: number, parts: object = PARTS) =>
  foundBy("body.loop", measuredAll({ ...parts, trunk_loop }));

describe("the trunk loop", () => {
  it("may differ from its four parts by 4 % of itself, either way", () => {
    expect(found(SUM / (1 - LOOP_TOLERANCE) - 0.01)).toEqual([]);
    expect(found(SUM / (1 + LOOP_TOLERANCE) + 0.01)).toEqual([]);
  });

  it("is asked about beyond, with loop and sum", () => {
    expect(found(SUM / (1 - LOOP_TOLERANCE) + 0.1)).toHaveLength(1);
    expect(found(1470)).toMatchObject([{ code: "trunk_loop", lengths: { loop: 1470, sum: SUM } }]);
  });

  it.each(Object.keys(PARTS))("waits for %s", (code) => {
    const { [code as keyof typeof PARTS]: _left, ...others } = PARTS;
    expect(found(1000, others)).toEqual([]);
  });

  it("asks alike however large the body is", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        fc.double({ min: 0.9, max: 1.1, noNaN: true }),
        (size, off) => {
          const parts = Object.fromEntries(Object.entries(PARTS).map(([code, mm]) => [code, mm * size]));
          const apart = Math.abs(1 - 1 / off);
          if (Math.abs(apart - LOOP_TOLERANCE) < 1e-9) return true;
          return found(SUM * size * off, parts).length === (apart > LOOP_TOLERANCE ? 1 : 0);
        },
      ),
      { seed: 20261126 },
    );
  });
});
