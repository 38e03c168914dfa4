import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/garments");

const row = async (zone: string) =>
  (await page()).table("What they say about this wearer's liking").find(([name]) => name === zone);

it("lists what was measured, newest first, each with its body", async () => {
  const { headings, text } = await page();
  expect(headings()).toEqual(["Garments that fit", "The strain this wearer likes"]);
  expect(text("main")).toMatch(/1\. Old lane suit.*2\. Grey everyday brief.*3\. Rib set brief/);
  expect(text("main")).toContain("Rib set brief" + "measured 2 May 2026; body of the sheet of 14 Mar 2026");
});

it.each([
  ["Overbust", "1", "one only"],
  ["Waist", "3", "12.8 % … 18.7 %"],
  ["High hip", "2", "13.7 % … 16.6 %"],
  ["Hip", "3", "15.1 % … 19.7 %"],
  ["Leg", "2", "11.9 % … 19.8 %"],
])("%s: the middle of %s garments, from and to: %s", async (zone, garments, fromTo) => {
  const cells = await row(zone);
  expect(cells?.[1]).toBe(garments);
  expect(cells?.[3]).toBe(fromTo);
});

it("takes the middle one of three, and the mean of two", async () => {
  expect((await page()).figures()).toMatchObject({
    "Waist, strain": "16.7 %",
    "High hip, strain": "15.2 %",
    "Hip, strain": "19.4 %",
    "Leg, strain": "15.8 %",
  });
});

it("opens the formula of every number in it", async () => {
  const kinds = ["strain", "ease", "share", "pressure"];
  const zones = ["Overbust", "Bust", "Underbust", "Waist", "High hip", "Hip", "Leg"];
  expect(Object.keys((await page()).figures()).toSorted()).toEqual(
    zones.flatMap((zone) => kinds.map((kind) => `${zone}, ${kind}`)).toSorted(),
  );
});
