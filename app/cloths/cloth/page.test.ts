import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths/1");

it("tells of each direction what it was tested to, with its class and day", async () => {
  const [head, across, along] = (await page()).table("Stretch by direction");
  expect(head).toEqual(["Direction", "Usable stretch", "Class", "Growth", "Recovery", "Tested"]);
  expect([across?.[0], across?.[2], across?.[5]]).toEqual(["across (crosswise)", "high", "28 Sep 2026"]);
  expect([along?.[0], along?.[2], along?.[5]]).toEqual(["along (lengthwise)", "moderate", "28 Sep 2026"]);
});

it("computes from the newest test of the cloth as it came, each number with its formula", async () => {
  expect((await page()).figures()).toEqual({
    "Usable stretch across": "62.0 %",
    "Growth across": "4.5 %",
    "Recovery across": "94.3 %",
    "Usable stretch along": "31.0 %",
    "Growth along": "3.0 %",
    "Recovery along": "90.3 %",
  });
});

it("says what an unwashed metre shrinks to be cut from", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("100.0 cm along becomes 106.4 cm (shrinks 6.0 %)");
  expect(text).toContain("100.0 cm across becomes 103.1 cm (shrinks 3.0 %)");
});

it("lists all tests newest first, and says which direction is not tested yet", async () => {
  const { links, text } = await page();
  const tests = Object.entries(links()).filter(([, to]) => /^\/tests\/\d+$/.test(to));
  expect(tests.slice(0, 2)).toEqual([
    ["12 Nov 2026", "/tests/4"],
    ["20 Oct 2026", "/tests/3"],
  ]);
  expect(text("main")).toContain("not tested yet: bias");
  expect(text("main")).toContain("by hand and ladder of 8 steps: usable 62.0 %, recovery 94.3 %");
});

it("has the form of what is known, in millimetres and grams as a bench says them", async () => {
  expect((await page()).fields()).toMatchObject({
    name: "Heron cotton jersey",
    kind: "knit",
    rollWidth: "1500",
    thickness: "0.8",
    mass: "210",
    shrinkageAlong: "6",
    shrinkageAcross: "3",
    version: "1",
  });
});
