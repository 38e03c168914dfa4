import { describe, expect, it } from "vitest";
import type { Change } from "./change.ts";
import { DOING_WORDS, doingOf } from "./doing.ts";

const doing = (on: Change["on"], amountMm: number | null, remedy = "", part = "") =>
  doingOf({ on, amountMm, remedy }, part);

describe("what is done at a piece always has its direction", () => {
  it.each([
    ["girth", -12, "takeIn"],
    ["girth", 12, "letOut"],
    ["edge", -5, "takeIn"],
    ["edge", 5, "letOut"],
    ["cup", 8, "letOut"],
    ["cup", -8, "takeIn"],
    ["length", -20, "overlap"],
    ["length", 20, "spread"],
    ["line", -12, "up"],
    ["line", 12, "down"],
    ["elastic", -10, "shorter"],
    ["elastic", 10, "longer"],
    ["wire", -6, "shorter"],
    ["wire", 6, "longer"],
  ] as const)("on a %s %d mm: %s", (on, amountMm, does) => {
    expect(doing(on, amountMm)).toBe(does);
  });

  it.each([
    ["wire-tissue", "raise"],
    ["wire-pokes", "shorter"],
    ["wire-floats", "widen"],
  ])("of a wire for %s: %s, whatever the sign", (remedy, does) => {
    expect([doing("wire", 6, remedy), doing("wire", -6, remedy)]).toEqual([does, does]);
  });

  it.each(["up", "down", "centre", "side"])("of a point %s, by the name of its part", (part) => {
    expect(doing("point", 10, "move-point", part)).toBe(part);
  });

  it("has words that read as an order before an amount", () => {
    for (const words of Object.values(DOING_WORDS)) expect(words).toMatch(/^[A-Z][a-z ,]*[a-z]$/);
    expect(DOING_WORDS.overlap).toBe("Fold out, shorter by");
  });
});
