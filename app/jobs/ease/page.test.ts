import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/ease?zone=waist");

const SCHOOLS = ["fixed cut", "straight reduction", "share of stretch", "target pressure", "what already fits"];
const BODY = 74.2;
/** A number of the waist by a school, in the unit it is shown in. */
const waist = async (what: string, school: string) => numberIn((await page()).figures()[`Waist, ${what}, ${school}`]);

it("has an answer of every school for every zone", async () => {
  const [head, ...zones] = (await page()).table("The plan: every zone by every school");
  expect(head).toHaveLength(6);
  expect(zones.slice(0, 4).map(([zone]) => zone)).toEqual([
    "Waistbody 74.2 cm",
    "High hipbody 90.5 cm",
    "Hipbody 100.8 cm",
    "Legbody 60.4 cm",
  ]);
  for (const zone of zones.slice(0, 4)) for (const cell of zone.slice(1)) expect(cell).toMatch(/^\d+\.\d\d+\.\d %$/);
});

it("marks what was chosen, in each zone once", async () => {
  const chosen = Object.keys((await page()).figures()).filter((name) => name.endsWith(", chosen"));
  expect(chosen).toEqual(
    ["Waist", "High hip", "Hip", "Leg"].map((zone) => `${zone}, garment girth, share of stretch, chosen`),
  );
});

it("has the girths of the schools that can be done in one's head", async () => {
  // A fixed cut of 25 mm a quarter, 8 % off in a stretchy cloth, 0.22 of 62 % of stretch.
  expect(await waist("garment girth", "fixed cut")).toBeCloseTo(BODY - 4 * 2.5, 1);
  expect(await waist("garment girth", "straight reduction")).toBeCloseTo(BODY * 0.92, 1);
  expect(await waist("garment girth", "share of stretch")).toBeCloseTo(BODY / (1 + 0.22 * 0.62), 1);
});

it.each(SCHOOLS)("%s: its numbers belong to one another", async (school) => {
  const girth = await waist("garment girth", school);
  expect(await waist("flat, half", school)).toBeCloseTo(girth / 2, 0);
  expect(await waist("quarter", school)).toBeCloseTo(girth / 4, 0);
  expect((await waist("front", school)) + (await waist("back", school))).toBeCloseTo(girth, 0);
  expect((await waist("ease", school)) / 10).toBeCloseTo(girth - BODY, 0);
  expect(Math.abs((await waist("ease, of the body", school)) - (girth / BODY - 1) * 100)).toBeLessThan(0.1);
  expect(await waist("reduction (cut)", school)).toBe(-(await waist("ease, of the body", school)));
  expect(Math.abs((await waist("strain (worn)", school)) - (BODY / girth - 1) * 100)).toBeLessThan(0.1);
  expect(
    Math.abs((await waist("share of stretch", school)) - (await waist("strain (worn)", school)) / 0.62),
  ).toBeLessThan(0.2);
});

it("has a front wider than the back where the front arc is", async () => {
  // 38.4 of 74.2 cm lie in front.
  const share = (await waist("front", "share of stretch")) / (await waist("garment girth", "share of stretch"));
  expect(share).toBeCloseTo(38.4 / 74.2, 2);
});

it("plans the lengths of the style by every school, beside those of garments that fit", async () => {
  const [head, ...lengths] = (await page()).table("Lengths by school");
  expect(head?.slice(-2)).toEqual(["Grey everyday brief", "Rib set brief"]);
  expect(lengths.map(([length, body]) => [length, body])).toEqual([
    ["Front rise", "31.8"],
    ["Back rise", "37.2"],
    ["Side, waist to hip", "20.5"],
  ]);
  expect(lengths[0]?.[2]).toBe("31.80 mm stretch");
});

it("warns of what the wearer must not meet, and of where tight garments hurt", async () => {
  expect((await page()).text("main")).toContain("Allergies: latex. Look at elastics, hooks, rings and dyes");
  expect((await page()).links()["Where tight garments can hurt"]).toBe("/care");
});
