import { describe, expect, it } from "vitest";
import { foundBy, measured } from "../../testing/index.ts";
import { CATALOGUE } from "../catalogue/index.ts";

const SIDED = CATALOGUE.filter(({ sided }) => sided);

describe.each(SIDED)("left and right of $code", ({ code, name, group, rangeMm: [low, high] }) => {
  const middle = (low + high) / 2;
  const most = group === "breast" ? 5 : 10;
  const found = (left: number, right: number) =>
    foundBy("body.sides", [measured(code, left, "left"), measured(code, right, "right")]);

  it(`are kept apart from more than ${most} mm on`, () => {
    expect(found(middle, middle + most)).toEqual([]);
    expect(found(middle, middle + most + 0.1)).toHaveLength(1);
  });

  it("tell the larger side, for which room is made", () => {
    expect(found(middle + 12, middle)).toMatchObject([{ side: "left", lengths: { left: middle + 12, right: middle } }]);
    expect(found(middle, middle + 12)[0]?.template).toBe(
      `${name}: left {left}, right {right}. Both are kept; the plan makes room for the right.`,
    );
  });

  it("say nothing where one side was not taken", () => {
    expect(foundBy("body.sides", [measured(code, middle, "left")])).toEqual([]);
  });
});
