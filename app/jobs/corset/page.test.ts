import { expect, it } from "vitest";

import { demoStore } from "../../../data/testing/index.ts";
import { demoPage } from "../../testing/openPage.tsx";
import { ORIGIN, run } from "../../testing/routeModules.ts";

const page = demoPage("/jobs/10/corset");

it("tells every level with what closes round it, and panels that add up to the pattern", async () => {
  const { table, text } = await page();
  const [head, ...levels] = table("Level by level");
  expect(head).toEqual(["Level", "Body", "Closed", "Taken off", "Pattern", "Inside"]);
  expect(levels.map(([name, , closed]) => [name, closed])).toEqual([
    ["Underbust", "82.9 cm"],
    ["Mid-rib", "76.9 cm"],
    ["Waist", "68.6 cm"],
    ["High hip", "91.8 cm"],
    ["Lower edge", "98.3 cm"],
  ]);
  const panels = table("Panels, level by level");
  expect(panels).toHaveLength(7);
  expect(panels.at(-1)?.slice(1)).toEqual(levels.map(([, , , , pattern]) => pattern?.replace(" cm", "")));
  expect(text("main")).toContain("Loosen at once at pain, numbness, tingling");
});

it("tells what the lacing comes to, and starts the inner corset only of a dress", async () => {
  const shown = (await page()).text("main");
  expect(shown).toMatch(/Rows of eyelets.*Lace.*Mean pressure, waist/s);
  expect(shown).not.toContain("Inner corset");
  expect((await demoPage("/jobs/11/corset")()).text("main")).toContain("The dress hangs from it.");
});

it("of a reduction the body does not offer says stop, and still tells the number", async () => {
  const { table, text } = await demoPage("/jobs/12/corset")();
  expect(text("main")).toMatch(/Stop: the waist closes 88 mm below what the body offers/);
  expect(table("Level by level").find(([name]) => name === "Waist")?.[2]).toBe("67.4 cm");
});

it("of a garment whose cloth gives leads to its ease plan, as the ease plan of a boned one leads here", async () => {
  expect((await demoPage("/jobs/1/corset")()).links()["To the ease plan"]).toBe("/jobs/1/ease");
  const answer = await run("loader", (await demoStore()).store, new Request(new URL("/jobs/10/ease", ORIGIN)));
  expect((answer as Response).headers.get("Location")).toBe("/jobs/10/corset");
});
