import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/5/cups");

const figure = async (name: string) => numberIn((await page()).figures()[name]);
const row = async (name: string) => (await page()).table("Cups, left and right").find(([first]) => first === name);

it.each([
  ["left", 14.2, 12.5, 9.6],
  ["right", 13.6, 11.8, 8.7],
])("%s: the volume is half the ellipsoid of its root and projection", async (side, width, height, projection) => {
  const volume = ((2 / 3) * Math.PI * width * height * projection) / 4;
  expect(Math.abs((await figure(`Volume, ${side}`)) - volume)).toBeLessThanOrEqual(0.5);
});

it("counts the difference of the sides against the larger, and pads by all of it", async () => {
  const [left, right] = [await figure("Volume, left"), await figure("Volume, right")];
  expect(await figure("Pad for the right side")).toBe(left - right);
  expect(await figure("Volumes differ by")).toBeCloseTo((1 - right / left) * 100, 0);
  expect(await figure("Pad at the apex")).toBe(9);
});

it("shows the sides apart, measure by measure, with what they differ by", async () => {
  expect(await row("Root width")).toEqual(["Root width", "14.2", "13.6", "+6 mm"]);
  expect(await row("Cross cup")).toEqual(["Cross cup", "27.2", "25.4", "+18 mm"]);
});

it.each([
  ["Cross seam, cut", 27.2, 25.4],
  ["Lower cup seam, cut", 12.8, 11.9],
  ["Upper cup seam, cut", 13.6, 12.5],
])("%s is reduced by the strain of the cup", async (seam, left, right) => {
  const cells = await row(seam);
  expect(numberIn(cells?.[1])).toBeCloseTo(left / 1.04, 1);
  expect(numberIn(cells?.[2])).toBeCloseTo(right / 1.04, 1);
});

it("chooses all of the bust room, half of it at each side", async () => {
  expect((await figure("Chosen room, each side")) * 2).toBe(await figure("Full room, both sides"));
  expect(await figure("Over what it is drafted for")).toBe((await figure("Bust over overbust, D")) - 50);
});

it("turns the gape into a dart as its angle says", async () => {
  // 22 mm wide, 118 mm from the apex; the new seam lies where the width says.
  expect(await figure("Angle of the dart")).toBeCloseTo((2 * Math.asin(22 / (2 * 118)) * 180) / Math.PI, 1);
});

it("gives sister sizes of every market: a band up, a letter down", async () => {
  const labels = (await page()).table("Labels and sister sizes");
  expect(labels.find(([which]) => which === "the wearer’s")).toEqual([
    "the wearer’s",
    "80G",
    "95G",
    "36F",
    "36G",
    "14F",
  ]);
  expect(labels.map(([, en]) => en).slice(1)).toEqual(["70J", "75H", "80G", "85F", "90E"]);
});
