import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1/garments/new");

it("asks for every width and length a liked garment can have, all empty", async () => {
  const fields = (await page()).fields();
  const asked = Object.entries(fields).filter(([name]) => /^(width|length)\./.test(name));
  expect(asked).toHaveLength(16);
  expect(asked.every(([, value]) => value === "")).toBe(true);
  expect(fields).toMatchObject({ unit: "cm", direction: "across", usable: "" });
});
