import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths");

it("lists the shelf by name, each cloth with how far it goes in the directions that were tested", async () => {
  const { links, text } = await page();
  const cloths = Object.entries(links()).filter(([, to]) => /^\/cloths\/\d+$/.test(to));
  expect(cloths).toHaveLength(13);
  expect(cloths.map(([name]) => name)).toEqual(cloths.map(([name]) => name).toSorted());
  expect(text("main")).toContain("Dawn swim knitknit80 % polyamide, 20 % elastaneacross 71.5 % · along 63.0 %");
});

it("warns of a cloth that will bag", async () => {
  expect((await page()).text("main")).toContain("Chalk batistewoven100 % cottonacross 3.0 % (will bag) · bias 18.0 %");
});
