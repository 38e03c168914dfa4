import { describe, expect, it } from "vitest";
import { STYLES } from "../ease/index.ts";
import { hasTrunk } from "../torso/index.ts";
import { CALCULATIONS, isWorkingId, WORKING_IDS, workingsOf } from "./calculations.ts";

const needed = (id: string) => {
  const style = STYLES.find((one) => one.id === id);
  if (!style) throw new Error(`no style ${id}`);
  return workingsOf(style).join(" ");
};

describe("the calculations a style needs", () => {
  it.each([
    [
      "brief",
      "rise parts briefPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "bikiniBottom",
      "rise parts briefPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "onePiece",
      "trunk rise bustRoom dart cup label parts onePiecePieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "swimTop",
      "bustRoom dart cup label parts cupPieces softBraPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "camisole",
      "bustRoom dart cup label parts camisolePieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "slip",
      "bustRoom dart cup label parts camisolePieces slipPieces skirtPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "lacedCorset",
      "corset bustRoom dart cup label parts corsetPieces cupPieces ownPieces bones shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days wear",
    ],
    [
      "softBra",
      "bustRoom dart cup label band strap closure parts cupPieces softBraPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
    [
      "wiredBra",
      "bustRoom dart cup label band strap closure wire parts cupPieces wiredBraPieces stripPieces ownPieces elastics shellLayout liningLayout netLayout overlayLayout facingLayout cupsLayout frameLayout materials seams sewing days",
    ],
  ])("%s: %s", (id, wanted) => expect(needed(id)).toBe(wanted));

  it("are always some that there are, each once", () => {
    for (const style of STYLES) {
      const ids = workingsOf(style);
      expect(new Set(ids).size).toBe(ids.length);
      for (const id of ids) expect(WORKING_IDS).toContain(id);
    }
  });

  it("compare a trunk only where a piece runs from shoulder to crotch: a top takes no loop change", () => {
    const runs = STYLES.filter(hasTrunk).map(({ id }) => id);
    expect(runs).toContain("onePiece");
    expect(runs).toContain("bodysuit");
    expect(runs).not.toContain("swimTop");
    expect(STYLES.filter((style) => CALCULATIONS.rise.appears(style) && !hasTrunk(style)).map(({ id }) => id)).toEqual([
      "brief",
      "bikiniBottom",
    ]);
  });
});

it("knows its own names and no others", () => {
  expect([isWorkingId("wire"), isWorkingId("toString"), isWorkingId("sleeve"), isWorkingId(undefined)]).toEqual([
    true,
    false,
    false,
    false,
  ]);
});
