import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/wraps");

it("lists the wraps with what they are made of", async () => {
  expect((await page()).text("main")).toContain("First wrap, standing30 Sep 202620 edges, trunk loop 155.3 cm");
  expect((await page()).links()).toMatchObject({
    "First wrap, standing": "/wraps/1",
    "Enter a wrap": "/wearers/1/wraps/new",
  });
});
