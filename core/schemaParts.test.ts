import { expect, it } from "vitest";
import { isoDay } from "./schemaParts.ts";

it.each([
  ["2026-11-30", true],
  ["2026-11-31", false],
  ["2026-12-31", true],
  ["2026-02-29", false],
  ["2024-02-29", true],
  ["2000-02-29", true],
  ["1900-02-29", false],
  ["2026-13-01", false],
  ["2026-00-10", false],
  ["2026-06-00", false],
])("a kept day %s is one that there is: %s", (day, there) => {
  expect(new RegExp((isoDay() as { pattern?: string }).pattern ?? "nothing").test(day)).toBe(there);
});
