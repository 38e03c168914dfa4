import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/layups/1");

const tensions = (row: readonly string[] | undefined) => row?.slice(3, 7).map((cell) => Number.parseFloat(cell));

it("adds the tensions of its layers at each strain", async () => {
  const [, shell, lining, net, together] = (await page()).table("Layers");
  const sums = [0, 1, 2, 3].map((at) =>
    [shell, lining, net].reduce((sum, row) => sum + (tensions(row)?.[at] ?? Number.NaN), 0),
  );
  for (const [at, sum] of sums.entries()) expect(tensions(together)?.[at]).toBeCloseTo(sum, 0);
});

it("stretches as far as the layer that gives out first, and says which", async () => {
  expect((await page()).table("Layers").at(-1)?.slice(0, 3)).toEqual(["Together", "", "46.6 %"]);
  expect((await page()).text("main")).toContain("Usable stretch 46.6 %, set by 3. Sable power net");
});

it("lists the layers from the outside, each with its cloth, direction and role", async () => {
  const layers = (await page()).table("Layers").map(([name, direction]) => [name, direction]);
  expect(layers.slice(1, 4)).toEqual([
    ["1. Dawn swim knit, shell", "across"],
    ["2. Foam swim lining, lining", "across"],
    ["3. Sable power net, net", "across"],
  ]);
  expect((await page()).fields()).toMatchObject({ "layers[2].cloth": "Sable power net · 4", "layers[2].role": "net" });
});
