import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/tests/4");

it("shows what came of it, each number with its formula", async () => {
  expect((await page()).figures()).toEqual({ "Usable stretch": "55.0 %", Growth: "7.5 %", Recovery: "86.4 %" });
  expect((await page()).text("main")).toContain("By hand: 100 → 155 mm, after 60 s 107.5 mm");
});

it("says what a test without a ladder cannot tell", async () => {
  expect((await page()).text("main")).toContain("No ladder: how hard it pulls is not known, only how far it goes.");
});

it("can be struck out with a reason or turned to another direction, and leads back to its cloth", async () => {
  const { buttons, fields, links } = await page();
  expect(buttons()).toEqual(expect.arrayContaining(["along (lengthwise)", "bias", "Strike this test out"]));
  expect(buttons()).not.toContain("across (crosswise)");
  expect(fields()).toMatchObject({ intent: "strike", reason: "" });
  expect(links()["Heron cotton jersey"]).toBe("/cloths/1");
});
