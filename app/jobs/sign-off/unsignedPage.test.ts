import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/8/sign-off");

it("of an open job lists what is still open, and asks for a word on each", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("No word yet: digs in, leg edge");
  expect(text).toContain("Decided, but in no prototype: loose, waist; loose, hip");
  expect(text).toContain("Checks not tried: stand, sit, bend, squat, 30 minutes' wear, in and out unaided");
  expect((await page()).fields()).toMatchObject({ intent: "sign-off", version: "1", words: "" });
});

it("shows the numbers of the last prototype", async () => {
  expect((await page()).headings()).toContain("Numbers of prototype 3");
  const [, waist] = (await page()).table("Numbers of the garment");
  expect(waist).toEqual(["Waist", "74.2", "64.5", "65.5", "13.3 %", "0.02 kPa"]);
});
