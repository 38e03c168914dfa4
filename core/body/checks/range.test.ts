import { describe, expect, it } from "vitest";
import { foundBy, measured } from "../../testing/index.ts";
import { CATALOGUE, sidesOf } from "../catalogue/index.ts";

describe.each(CATALOGUE)("$code within its range", (measure) => {
  const [low, high] = measure.rangeMm;
  const [side] = sidesOf(measure);
  const found = (mm: number) => foundBy("body.range", [measured(measure.code, mm, side)]);

  it("is let pass at both ends, and asked about a hair beyond them", () => {
    expect([...found(low), ...found(high)]).toEqual([]);
    for (const beyond of [low - 0.1, high + 0.1]) {
      expect(found(beyond)).toMatchObject([{ code: measure.code, side, lengths: { value: beyond, low, high } }]);
    }
  });

  it("is named with its numbers, and its side where it has two", () => {
    const [finding] = found(high + 1);
    expect(finding?.template).toContain(measure.name);
    expect(finding?.template.includes(", left")).toBe(measure.sided);
    expect(finding?.template).toMatch(/\{value\}.*\{low\}.*\{high\}/);
  });
});
