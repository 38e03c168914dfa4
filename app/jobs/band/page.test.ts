import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/6/band");

const figure = async (name: string) => numberIn((await page()).figures()[name]);
const UNDERBUST = 81.5;
/** As the kept pieces are drawn: bridge, cradles and the closed hook tape. */
const RIGID = 38.6;

it("stretches the wings alone over what the rigid parts leave", async () => {
  const wings = await figure("Wings, both together");
  expect(wings).toBeCloseTo((UNDERBUST - RIGID) / (1 + (await figure("Strain of the wings")) / 100), 1);
  expect(await figure("Band, closed and at rest")).toBeCloseTo(RIGID + wings, 1);
});

it("cuts each elastic to its part of the wings", async () => {
  const wings = await figure("Wings, both together");
  expect(await figure("Top elastic, cut")).toBeCloseTo(0.92 * wings, 1);
  expect(await figure("Bottom elastic, cut")).toBeCloseTo(0.88 * wings, 1);
});

it.each([
  ["at rest", UNDERBUST],
  ["breathed in", 85],
])("presses %s as its force over its height says", async (when, girthCm) => {
  const kpa = ((2 * Math.PI * (await figure(`Force, ${when}`))) / (62 * girthCm * 10)) * 1000;
  expect(await figure(`Mean pressure, ${when}`)).toBeCloseTo(kpa, 2);
});

it("lays rest and breath beside one another, harder when breathed in", async () => {
  const [head, strain, force, pressure] = (await page()).table("At rest and breathed in");
  expect(head).toEqual(["", "At rest", "Breathed in"]);
  for (const [what, rest, inhaled] of [strain, force, pressure].map((cells) => cells ?? []))
    expect(numberIn(inhaled), what).toBeGreaterThan(numberIn(rest));
});

it("raises the channel by what the wire lacks of ten millimetres", async () => {
  expect(await figure("Channel raised by")).toBe(10 - (await figure("Free length")));
});

it("warns where a band carries little, and where a breath uses it up", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Carries little: support is about 1.2 to 1.5 kPa.");
  expect(text).toContain("Breathed in, the wings use more than 0.6 of their stretch.");
});
