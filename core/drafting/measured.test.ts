import { describe, expect, it } from "vitest";
import { draftOf, samplePiece } from "../testing/index.ts";
import { point } from "./geometry/index.ts";
import { girthsOf, pieceOf, runLength } from "./measured.ts";

const CORNERS = [
  [0, 0],
  [150, 0],
  [150, 80],
  [0, 80],
] as const;
const level = (name: string, width: number) => ({ level: name, from: point(0, 10), to: point(width, 10) });
const front = samplePiece(CORNERS, { id: "front", onFold: true, levels: [level("waist", 150), level("hip", 170)] });
const back = samplePiece(CORNERS, { id: "back", count: 2, levels: [level("waist", 160)] });
const draft = draftOf([front, back], {
  round: ["front", "back"],
  levels: [
    { level: "waist", plannedMm: 640 },
    { level: "hip", plannedMm: 860 },
  ],
  loops: [
    {
      level: "loop",
      plannedMm: 300,
      along: {
        parts: [
          { piece: "front", edge: "b" },
          { piece: "back", edge: "a" },
        ],
        plusMm: 40,
      },
    },
  ],
});

describe("what the pieces of a draft come to", () => {
  it("by hand: both halves of a fold and every piece cut; a level one of them lacks is open", () => {
    expect(girthsOf(draft)).toEqual({
      girths: [
        { level: "waist", plannedMm: 640, piecesMm: 2 * 150 + 2 * 160 },
        { level: "loop", plannedMm: 300, piecesMm: 80 + 150 + 40 },
      ],
      openLevels: ["hip"],
    });
  });

  it("along edges: their lengths and what lies beside them", () => {
    expect(runLength(draft, { parts: [{ piece: "front", edge: "a" }], plusMm: -20 })).toBe(130);
    expect(runLength(draft, { parts: [], plusMm: 7 })).toBe(7);
  });

  it("asks for pieces that are there only", () => {
    expect(pieceOf(draft, "back")).toBe(back);
    expect(() => pieceOf(draft, "sleeve")).toThrow(/has no sleeve/);
  });
});
