import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/2/prototypes/1/fitting");

it("proposes for each finding with the share, the strain and the edges it is divided over", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("0.65 of the 18 mm by habit, read on cloth stretched 11.8 % (sewn).");
  expect(numberIn(/girth (−\d+\.\d) mm/.exec(text)?.[1])).toBeCloseTo((-0.65 * 18) / 1.118, 1);
  expect(text).toContain("−2.6 mm Change at each seam edge: show the formula at each of 4 edges.");
  expect(text).toContain("+3.6 mm Change at each seam edge: show the formula at each of 2 edges.");
});

it("asks for the maker's word on each, with one thing to press", async () => {
  expect((await page()).buttons().filter((words) => words === "Decide")).toHaveLength(2);
  expect((await page()).fields()).toMatchObject({ decision: "accepted", version: "0" });
});

it("has the check list of the style, none of it done", async () => {
  const headings = (await page()).headings();
  expect(headings).toContain("Checks 0 of 6 done");
  expect((await page()).buttons().filter((words) => words === "not tried")).toHaveLength(6);
});

it("takes off at once what leaves marks that stay", async () => {
  expect((await page()).text("main")).toContain("Red marks that stay, numbness or tingling: take it off at once.");
});
