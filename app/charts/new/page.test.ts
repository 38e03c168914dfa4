import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/charts/new");

it("has rows for eight sizes, body and garment apart, all empty", async () => {
  const fields = Object.entries((await page()).fields());
  expect(fields.filter(([name]) => /^sizes\[\d\]\.name$/.test(name))).toHaveLength(8);
  expect(fields.filter(([name, value]) => name.startsWith("sizes") && value !== "")).toEqual([]);
  const heads = (await page()).table("Sizes")[1];
  expect(heads?.slice(1, 8)).toEqual(heads?.slice(8));
});
