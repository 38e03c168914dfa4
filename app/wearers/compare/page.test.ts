import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/compare");

const row = async (measure: string) => (await page()).table("Differences").find(([name]) => name === measure);

it("lays the last two sheets beside one another", async () => {
  expect((await page()).table("Differences")[0]).toEqual(["Body, cm", "14 Mar 2026", "30 Sep 2026", "Change"]);
});

it.each([
  ["Bust", "92.8", "92.2", "−6 mm"],
  ["Underbust", "76.5", "76.1", "−4 mm"],
  ["Waist", "75.5", "74.2", "−13 mm"],
  ["High hip", "91.8", "90.5", "−13 mm"],
  ["Hip", "101.5", "100.8", "−7 mm"],
])("%s went from %s to %s: %s", async (...cells) => {
  expect(await row(cells[0])).toEqual(cells);
});

it("says of what stands on one of them only that it was not taken, and no change", async () => {
  expect(await row("Trunk loop")).toEqual(["Trunk loop", "not taken", "154.5", "—"]);
});

it("goes in the order of measuring", async () => {
  const names = (await page()).table("Differences").map(([name]) => name);
  expect(names.indexOf("Bust")).toBeLessThan(names.indexOf("Waist"));
  expect(names.at(-1)).toBe("Crotch depth");
});
