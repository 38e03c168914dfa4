import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/layups/new");

it("starts with a shell and a lining, no cloth chosen for the maker", async () => {
  expect((await page()).fields()).toMatchObject({
    "layers[0].cloth": "",
    "layers[0].role": "shell",
    "layers[1].cloth": "",
    "layers[1].role": "lining",
  });
  expect((await page()).text("main")).toContain("From the outside in. Each layer keeps its own direction.");
});
