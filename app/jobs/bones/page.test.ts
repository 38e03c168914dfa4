import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

it("tells every bone with its channel, and what is bought of them, both sides together", async () => {
  const { table, headings } = await demoPage("/jobs/10/bones")();
  expect(headings()).toContain("To buy");
  const bones = table("Bones").slice(1);
  const bought = table("Bones to buy").slice(1);
  const count = (rows: readonly (readonly string[])[]) => rows.reduce((sum, row) => sum + Number(row[2]), 0);
  expect(count(bought)).toBe(count(bones));
  expect(bones.find(([name]) => name === "Outside the eyelets")).toEqual(
    expect.arrayContaining(["flat steel", "2", "28.0 cm", "24.5 cm"]),
  );
});

it("of a garment with a zip marks its closing line level by level", async () => {
  const { table, text } = await demoPage("/jobs/11/bones")();
  expect(table("Closing line").slice(1)).toHaveLength(6);
  expect(text("main")).toContain("An invisible zip is replaced, not mended");
});
