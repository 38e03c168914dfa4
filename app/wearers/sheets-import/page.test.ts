import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/sheets/import");

it("refuses a file whole unless one says otherwise, and shows how one is laid out", async () => {
  expect((await page()).fields()).toMatchObject({ mode: "whole" });
  expect((await page()).links()).toMatchObject({
    "a row a measure": "/wearers/1/sheets/export/rows",
    "a column a sheet": "/wearers/1/sheets/export/columns",
    JSON: "/wearers/1/sheets/export/json",
  });
});
