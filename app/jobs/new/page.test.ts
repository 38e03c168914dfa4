import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/new?wearer=1");

it("offers every style with what it is", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Brief: pulled on over the hip; no opening.");
  expect(text).toContain("Low bottom, our cut: swim bottom that sits at the high hip.");
  expect(text).toContain("Boned dress: a boned bodice with a skirt from the hip, an inner corset and a lining.");
});

it("is for the wearer one came from, and has no style chosen for the maker", async () => {
  expect((await page()).headings()[0]).toBe("New job for Ilva Thornbeck");
  expect((await page()).fields()).toEqual({ unit: "in", wearer: "1", name: "" });
  expect((await page()).links()["Another wearer"]).toBe("/jobs/new");
});
