import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

it("tells the gap from mock-up to mock-up until it is parallel, and how hard the lacing presses", async () => {
  const { table, text } = await demoPage("/jobs/10/wear")();
  const main = text("main");
  expect(main.match(/Not parallel/g)).toHaveLength(2);
  expect(main).toContain("Parallel, as wanted");
  expect(
    table("Pressure of the lacing")
      .slice(1)
      .map((row) => row.at(-1)),
  ).toEqual(["support", "firm", "firm"]);
  expect(table("First wears").slice(1)).toHaveLength(6);
  expect(main).toContain("Loosen at once at pain");
});

it("of a dress tells what closed on the form and on the wearer apart", async () => {
  const { table, text } = await demoPage("/jobs/11/wear")();
  const waist = table("On the body and on the form").find(([name]) => name === "Waist");
  expect(waist?.slice(2)).toEqual(["72.4 cm", "74.5 cm", "72.4 cm", "0 mm"]);
  expect(text("main")).toContain("A form neither squashes nor breathes");
});
