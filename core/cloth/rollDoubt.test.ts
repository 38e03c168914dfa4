import { expect, it } from "vitest";
import { rollDoubt } from "./rollDoubt.ts";

it("asks about a roll no cloth is sold in, and not about lace or elastic", () => {
  expect(rollDoubt(150, "knit")).toMatch(/600 to 3300 mm wide, and this is 150 mm/);
  expect(rollDoubt(15000, "net")).not.toBeNull();
  expect([rollDoubt(1500, "knit"), rollDoubt(150, "lace"), rollDoubt(10, "elastic")]).toEqual([null, null, null]);
});
