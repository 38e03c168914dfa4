import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths/9");

it("of an elastic asks for its kind and its width, and for no mass", async () => {
  const fields = (await page()).fields();
  expect(fields).toMatchObject({ kind: "elastic", elasticKind: "plush", rollWidth: "12", finishAllowance: "12" });
  expect(fields).not.toHaveProperty("mass");
});

it("of an elastic is tested along", async () => {
  expect((await page()).fields()).toMatchObject({ direction: "along" });
  expect((await page()).table("Stretch by direction")[1]).toEqual([
    "along (lengthwise)",
    "82.0 %",
    "power",
    "3.5 %",
    "96.2 %",
    "20 Aug 2026",
  ]);
});
