import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/3/ease");

it("of a job that lacks measures plans what it can, and says of the rest what is missing", async () => {
  const [, ...lengths] = (await page()).table("Lengths by school");
  for (const row of lengths) expect(row.slice(1)).toEqual(["—", "measure missing", ...Array(4).fill("no test along")]);
  const zones = (await page()).table("The plan: every zone by every school").slice(1);
  expect(zones.slice(0, 3).map(([zone]) => zone)).toEqual([
    "Waistbody 68.0 cm",
    "High hipbody 84.5 cm",
    "Hipbody 93.2 cm",
  ]);
  for (const row of zones.slice(0, 3)) expect(row.at(-1)).toBe("no garment yet");
});

it("marks a front that is assumed to be half", async () => {
  expect((await page()).figures()).toMatchObject({
    "Waist, front, fixed cut": "29.0 (half)",
    "Waist, back, fixed cut": expect.stringMatching(/^29\.0/),
  });
});

it("says which school would not simply go on, and offers all of them", async () => {
  expect((await page()).text("main")).toContain("will not simply go on");
  expect((await page()).buttons().filter((words) => words === "Choose")).toHaveLength(5);
});
