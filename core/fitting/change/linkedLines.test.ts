import { describe, expect, it } from "vitest";
import { holdsBack, linkedFor, ticked } from "./linkedLines.ts";

const LAYERS = [{ name: "Dawn swim knit" }, { name: "Foam lining" }, { name: "Power net" }];

describe("pieces that must take the same change", () => {
  it("are every inner layer of every piece that is changed", () => {
    expect(linkedFor("front, back", LAYERS).map(({ piece }) => piece)).toEqual([
      "front: layer 2, Foam lining",
      "back: layer 2, Foam lining",
      "front: layer 3, Power net",
      "back: layer 3, Power net",
    ]);
  });

  it.each(["edge elastic", "strap", "wire channel", "bone", "lining"])(
    "are none of a %s, which is changed alone",
    (piece) => {
      expect(linkedFor(piece, LAYERS)).toEqual([]);
    },
  );

  it("are none where the garment has one layer, or none that is known", () => {
    expect(linkedFor("front, back", LAYERS.slice(0, 1))).toEqual([]);
    expect(linkedFor("front, back", [])).toEqual([]);
  });

  it("start unticked, and are ticked by name: the others are not", () => {
    const lines = linkedFor("front", LAYERS);
    expect(lines.every((line) => !line.ticked)).toBe(true);
    expect(ticked(lines, ["front: layer 3, Power net", "sleeve"]).map((line) => line.ticked)).toEqual([false, true]);
  });
});

describe("a change is held back", () => {
  const lines = linkedFor("front", LAYERS);
  it.each([
    ["by a line that is not ticked", lines, "", true],
    ["by none where somebody said why", lines, "net is cut later", false],
    ["by none where all are ticked", lines.map((line) => ({ ...line, ticked: true })), "", false],
    ["by none where there is nothing to tick", [], "", false],
  ])("%s", (_told, linked, untickedReason, held) => {
    expect(holdsBack({ linked, untickedReason })).toBe(held);
  });
});
