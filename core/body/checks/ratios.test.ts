import { describe, expect, it } from "vitest";
import { measured } from "../../testing/index.ts";
import { brokenRatios, USUAL_RATIOS } from "./ratios.ts";

describe.each(USUAL_RATIOS)("$of over $to", ({ of, to, low, high }) => {
  const broken = (ratio: number) =>
    brokenRatios([measured(of, 800 * ratio), measured(to, 800)]).filter((one) => one.of === of && one.to === to);

  it("is usual between its ends, both included", () => {
    for (const ratio of [low, (low + high) / 2, high]) expect(broken(ratio), String(ratio)).toEqual([]);
  });

  it("is doubted beyond either end", () => {
    for (const ratio of [low - 0.001, high + 0.001]) expect(broken(ratio), String(ratio)).toHaveLength(1);
  });

  it("says nothing where one of the two was not taken", () => {
    expect(brokenRatios([measured(of, 800)])).toEqual([]);
    expect(brokenRatios([measured(to, 800)])).toEqual([]);
  });
});
