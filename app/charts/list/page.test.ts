import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/charts");

it("lists the charts by name, with their sizes and what they are drawn for", async () => {
  const { links, text } = await page();
  expect(links()).toMatchObject({ "Harbour one-piece block": "/charts/1", "Lantern camisole": "/charts/2" });
  expect(text("main")).toContain("Harbour one-piece block34 to 46, for stretch");
  expect(text("main")).toContain("Lantern camisoleS to XL, loose");
});
