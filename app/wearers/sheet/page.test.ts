import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/sheets/3");

it("shows each value, and what was typed for it: several takes, a comma", async () => {
  const rows = (await page()).table("Measures");
  expect(rows[0]).toEqual(["Body measure", "Body, cm", "As typed"]);
  expect(rows).toContainEqual(["Bust", "92.2", "92; 92.6; 92.2"]);
  expect(rows).toContainEqual(["High hip", "90.5", "90,5"]);
  expect(rows).toHaveLength(26);
});

it("is named by its day", async () => {
  expect((await page()).headings()[0]).toBe("Sheet of 30 Sep 2026");
});
