import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/sheets/new");

it("asks for every measure in the order a person is measured", async () => {
  const asked = Object.keys((await page()).fields()).filter((name) => name.endsWith(".take1"));
  const at = (code: string) => asked.indexOf(`measure.${code}.take1`);
  expect(asked).toHaveLength(82);
  expect(at("neck.single")).toBe(0);
  const order = [
    "bust.single",
    "waist.single",
    "hip.single",
    "trunk_loop.single",
    "across_front.single",
    "root_width.left",
  ];
  expect(order.map(at)).toEqual(order.map(at).toSorted((a, b) => a - b));
  expect(order.map(at).every((place) => place > 0)).toBe(true);
  expect(asked.slice(-3).every((name) => /seated|depth|lap/.test(name))).toBe(true);
});

it("shows beside each what it was before, and nothing where it was never taken", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Waist before 74.2 cm");
  expect(text).toContain("Leg edge, right before 60.4 cm");
  expect(text).not.toContain("Neck before");
});

it("starts as a snug sheet in centimetres, with no measure filled in", async () => {
  const fields = (await page()).fields();
  expect(fields).toMatchObject({ unit: "cm", tape: "snug", wornUnder: "nothing", measuredBy: "" });
  expect(Object.entries(fields).filter(([name, value]) => name.startsWith("measure.") && value !== "")).toEqual([]);
});
