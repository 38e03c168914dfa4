import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/zones");

const figure = async (name: string) => numberIn((await page()).figures()[name]);

it("follows each zone over all prototypes, and the plan of the next", async () => {
  const names = Object.keys((await page()).figures());
  for (const number of [1, 2, 3, 4])
    expect(names).toEqual(
      expect.arrayContaining([`Waist, strain, ${number}, planned`, `Waist, strain, ${number}, as sewn`]),
    );
  expect(names).toContain("Waist, strain, 5, next");
  expect(names).not.toContain("Waist, strain, 6, next");
});

it("has more strain where more was taken", async () => {
  const strains = await Promise.all([1, 2, 3].map((number) => figure(`Waist, strain, ${number}, planned`)));
  expect(strains).toEqual([10.4, 12.4, 13.7]);
});

it("counts what was found in each zone, and what is open", async () => {
  expect((await page()).headings()).toContain("Waist prototype 1: 1 found, 1 open · prototype 2: 2 found, 1 open");
});

it("reads its calibration off the closure pulls", async () => {
  expect(await figure("Calibration")).toBe(1.18);
});
