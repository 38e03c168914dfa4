import { describe, expect, it } from "vitest";
import { farFromBody } from "./farFromBody.ts";

describe("a girth far from its body", () => {
  it.each([
    [7000, 1008, true],
    [2060, 1030, true],
    [380, 1008, true],
    // A loose hem, a firm corset, a narrow leg, an arm with room.
    [1240, 1008, false],
    [620, 742, false],
    [260, 600, false],
    [520, 300, false],
  ])("of %d mm on %d mm is asked about: %s", (garment, body, asked) => {
    expect(farFromBody(garment, body) !== null).toBe(asked);
  });

  it("names both and what may have happened", () =>
    expect(farFromBody(7000, 1008)).toMatch(/^7000 mm round on a body of 1008 mm: is a digit too many/));
});
