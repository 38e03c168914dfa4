import { expect, it } from "vitest";
import { parseForce } from "./parseForce.ts";

it.each([
  ["4.2", 4.2],
  ["4,2 N", 4.2],
  ["430 g", 4.2168595],
  ["1 kg", 9.80665],
  ["1 1/2 lb", 6.6723324],
  ["15oz", 4.1702085],
])("reads %s as %f N", (text, newtons) => {
  const parsed = parseForce(text);
  expect(parsed.ok && parsed.value).toBeCloseTo(newtons, 9);
});

it.each(["", "hard", "-2 N", "2 mm", "1e2"])("refuses “%s”", (text) => {
  expect(parseForce(text).ok).toBe(false);
});
