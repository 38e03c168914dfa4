import { describe, expect, it } from "vitest";
import { movedWaist, sampleChange, sampleFinding, sampleFrozen, WAISTS } from "../../testing/index.ts";
import { frozenRings } from "../prototype/frozenRings.ts";
import { nextLengths } from "../prototype/nextLengths.ts";
import type { Change } from "./change.ts";
import { cuttingTable } from "./cuttingTable.ts";
import { asideWords } from "./cuttingWords.ts";
import { DOING_WORDS } from "./doing.ts";

const NOTHING_BEFORE = { rings: [], lengths: [] };

describe("the cutting table", () => {
  const before = { rings: frozenRings(sampleFrozen()), lengths: nextLengths(WAISTS, []) };
  const only = (change: Change, finding = sampleFinding({ amountMm: 50 })) =>
    cuttingTable([{ change, finding }], before).flatMap(({ piece, lines }) => lines.map((line) => ({ piece, line })));

  it("moves a line on each piece by its own amount, up or down, from where to where, divided by the stretch there", () => {
    const lines = only(movedWaist());
    expect(lines.map(({ piece, line }) => [piece, DOING_WORDS[line.doing], line.amountMm])).toEqual([
      ["front", "Move up", -48.3],
      ["back", "Move up", -25.6],
    ]);
    const [front, back] = lines.map(({ line }) => asideWords(line, { unit: "cm" }));
    expect(front).toContain("Front, shoulder to waist: from 42.2 cm to 37.4 cm (−48.3 mm).");
    expect(front).toContain("Read 50 mm, all of it, on cloth stretched 3.5 %: divided by 1.035.");
    expect(back).toContain("Back, nape to waist: from 39.4 cm to 36.8 cm (−25.6 mm).");
    expect(back).not.toContain("Front, shoulder");
  });

  it("tells the way of every kind of change, and where nothing is divided", () => {
    const doing = (own: Partial<Change>) => only(sampleChange(own))[0]?.line.doing;
    expect(doing({ on: "line", amountMm: 5 })).toBe("down");
    expect(doing({ on: "edge", amountMm: -5 })).toBe("takeIn");
    expect(doing({ on: "length", amountMm: -5 })).toBe("overlap");
    expect(doing({ on: "elastic", amountMm: 5 })).toBe("longer");
    expect(doing({ on: "wire", remedy: "wire-tissue", amountMm: 5 })).toBe("raise");
    const [free] = only(sampleChange({ on: "edge", strain: 0 }));
    expect(free && asideWords(free.line, { unit: "cm" })).toContain("the cloth is not stretched there");
  });

  it("takes girths from what to what, one change after the other", () => {
    const table = cuttingTable(
      [sampleChange({ id: 1, amountMm: -10 }), sampleChange({ id: 2, amountMm: -4 })].map((change) => ({
        change,
        finding: null,
      })),
      before,
    );
    const waist = before.rings.find(({ zone }) => zone === "waist")?.nowMm ?? 0;
    expect(table[0]?.lines.map(({ courses }) => courses.map(({ fromMm, toMm }) => [fromMm, toMm]))).toEqual([
      [[waist, waist - 10]],
      [[waist - 10, waist - 14]],
    ]);
  });

  it("goes piece by piece, lengths first, and divides a girth over the edges of each piece", () => {
    const table = cuttingTable(
      [
        { change: sampleChange({ amountMm: -24 }), finding: sampleFinding() },
        {
          change: sampleChange({
            id: 2,
            on: "length",
            amountMm: 38,
            pieces: "front, back",
            line: "lengthen line",
            lengthId: "trunk",
          }),
          finding: null,
        },
        { change: sampleChange({ id: 3, on: "elastic", pieces: "edge elastic", amountMm: -6 }), finding: null },
      ],
      NOTHING_BEFORE,
    );
    expect(table.map(({ piece, lines }) => [piece, lines.map(({ change }) => change.id)])).toEqual([
      ["front", [2, 1]],
      ["back", [2, 1]],
      ["edge elastic", [3]],
    ]);
    expect(table[0]?.lines.map(({ amountMm, edges, doing }) => [amountMm, edges, doing])).toEqual([
      [19, 1, "spread"],
      [-6, 2, "takeIn"],
    ]);
  });

  it("moves a side seam by giving on one piece what it takes from the other", () => {
    const change = sampleChange({ on: "balance", remedy: "balance-back", amountMm: 8 });
    expect(cuttingTable([{ change, finding: null }], NOTHING_BEFORE).map(({ lines }) => lines[0]?.amountMm)).toEqual([
      -8, 8,
    ]);
  });

  it("tells work that is no amount, on the whole garment where no piece is named", () => {
    const change = sampleChange({ on: "making", pieces: "", amountMm: null, line: "Try the stitch again" });
    expect(cuttingTable([{ change, finding: null }], NOTHING_BEFORE)).toMatchObject([
      { piece: "whole garment", lines: [{ amountMm: null, doing: "work", line: "Try the stitch again" }] },
    ]);
  });
});
