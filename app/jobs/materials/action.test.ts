import { expect, it } from "vitest";
import { itActs } from "../../testing/itActs.ts";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const row = (at: number, name: string, count: string) => ({
  [`notions[${at}].name`]: name,
  [`notions[${at}].count`]: count,
});

itActs([
  {
    does: "keeps the notions of a garment",
    address: "/jobs/1/materials",
    right: { intent: "working", working: "materials", unit: "cm", version: "0", made: "2", ...row(0, "Thread", "1") },
    gives: "/jobs/1/materials",
    wrong: [
      [row(0, "", "2"), ["notions[0].name"]],
      [row(0, "Rings", "many"), ["notions[0].count"]],
      [{ made: "0" }, ["made"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/materials"],
  },
]);

const page = demoPage("/jobs/4/materials");

it("holds the one-piece against the shelf, and adds up what it costs", async () => {
  const [, ...rows] = (await page()).table("Materials");
  expect(rows.length).toBeGreaterThan(4);
  for (const [name, needed, there, buy] of rows) {
    const rest = Math.max(0, numberIn(needed ?? "") - (there === "—" ? 0 : numberIn(there ?? "")));
    expect(buy === "nothing" ? 0 : numberIn(buy ?? ""), name).toBeCloseTo(rest, 2);
  }
  const sum = rows.reduce((all, [, , , , cost]) => all + (cost === "—" ? 0 : numberIn(cost ?? "")), 0);
  const { figures } = await page();
  expect(numberIn(figures()["Materials of one garment"] ?? "")).toBeCloseTo(sum, 1);
  expect(numberIn(figures()["Materials of the job"] ?? "")).toBeCloseTo(2 * sum, 0);
});
