import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/charts/1");

it("has a row a size, body and finished garment apart, in the unit it is typed in", async () => {
  const fields = (await page()).fields();
  const sizes = Object.entries(fields).filter(([name]) => /^sizes\[\d\]\.name$/.test(name));
  expect(sizes.map(([, size]) => size)).toEqual(["34", "36", "38", "40", "42", "44", "46"]);
  expect(fields).toMatchObject({
    "sizes[0].body.waist": "62",
    "sizes[0].finished.waist": "57.7",
    "sizes[0].body.trunkLoop": "143",
    "sizes[0].finished.trunkLoop": "",
    ownReduction: "",
    ease: "stretch",
  });
});

it("goes out as CSV and JSON", async () => {
  expect((await page()).links()).toMatchObject({ CSV: "/charts/1/export/csv", JSON: "/charts/1/export/json" });
});

it("has a way to move and to take out each size, and to add one", async () => {
  const buttons = (await page()).buttons();
  expect(buttons).toEqual(expect.arrayContaining(["Move size 1", "Take size 7 out", "Another size", "Save"]));
  expect(buttons).not.toContain("Move size 8");
});
