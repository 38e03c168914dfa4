import { describe, expect, it } from "vitest";
import { sampleChange, sampleFinding } from "../../testing/index.ts";
import type { Change } from "./change.ts";
import { type CuttingLine, cuttingTable } from "./cuttingTable.ts";
import { asideWords } from "./cuttingWords.ts";

const NOTHING = { rings: [], lengths: [] };
const table = (...changes: readonly Partial<Change>[]) =>
  cuttingTable(
    changes.map((own, index) => ({ change: sampleChange({ id: index + 1, ...own }), finding: null })),
    NOTHING,
  );
const lineOf = (own: Partial<Change>): CuttingLine => {
  const [line] = table(own).flatMap(({ lines }) => lines);
  if (!line) throw new Error("A change has a line on the piece it names.");
  return line;
};

describe("the cutting table", () => {
  it("goes piece by piece, the large ones first, then by name", () => {
    const pieces = ["strap", "back", "bridge", "front"];
    expect(table(...pieces.map((piece) => ({ pieces: piece }))).map(({ piece }) => piece)).toEqual([
      "front",
      "back",
      "bridge",
      "strap",
    ]);
  });

  it("puts lengths before girths before edges before elastics, whatever was decided first", () => {
    const [front] = table(
      { pieces: "front", on: "elastic" },
      { pieces: "front", on: "edge" },
      { pieces: "front", on: "girth" },
      { pieces: "front", on: "length" },
      { pieces: "front", on: "line" },
    );
    expect(front?.lines.map(({ change }) => change.on)).toEqual(["length", "line", "girth", "edge", "elastic"]);
  });

  it.each([
    ["a girth over two seams of two pieces", { amountMm: -24, seams: 2 }, -6, 2],
    ["a girth over one seam of two pieces", { amountMm: -24, seams: 1 }, -12, 1],
    ["a girth over two seams of one piece", { amountMm: -24, seams: 2, pieces: "front" }, -6, 4],
    ["a length over two pieces", { on: "length", amountMm: 20 }, 10, 1],
    ["an edge, whole on its piece", { on: "edge", amountMm: -5, pieces: "front" }, -5, 1],
    ["work that is no amount", { on: "making", amountMm: null, pieces: "front" }, null, 1],
  ] as const)("divides %s", (_told, own, amountMm, edges) => {
    expect(lineOf(own)).toMatchObject({ amountMm, edges });
  });

  it("moves girth over: what the front gets, the back gives", () => {
    const [front, back] = table({ on: "balance", amountMm: 8, remedy: "balance-front" });
    expect(front?.lines[0]).toMatchObject({ amountMm: 8, doing: "letOut" });
    expect(back?.lines[0]).toMatchObject({ amountMm: -8, doing: "takeIn" });
  });

  it("names the place where the line does not", () => {
    expect(lineOf({ line: "side seams" }).where).toBe("at the waist");
    expect(lineOf({ line: "seams at the Waist" }).where).toBe("");
  });

  it("of a change that names no piece stands for the whole garment", () => {
    expect(table({ pieces: "" }).map(({ piece }) => piece)).toEqual(["whole garment"]);
  });
});

describe("the words behind an order", () => {
  const words = (own: Partial<CuttingLine>, unit: "cm" | "in" = "cm") =>
    asideWords({ ...lineOf({ reason: "our habit" }), ...own }, { unit });

  it("are what it is for", () => expect(words({})).toBe("For: our habit."));

  it("tell how far it runs out, in the unit shown", () => {
    expect(words({ blend: "to nothing over 80 mm" })).toMatch(/^Blend to nothing over 80 mm\./);
    expect(words({ blend: "to nothing over 80 mm" }, "in")).toMatch(/^Blend to nothing over 3 1\/8 in\./);
  });

  it("tell what was read, how much of it, and by what it was divided", () => {
    const reading = { readMm: 24, share: 0.65, strain: 0.136 };
    expect(words({ reading })).toContain("Read 24 mm, 0.65 of it, on cloth stretched 13.6 %: divided by 1.136.");
    expect(words({ reading: { ...reading, share: 1, strain: 0 } })).toContain(
      "Read 24 mm, all of it; the cloth is not stretched there, so it is not divided.",
    );
  });

  it("tell from what to what each girth goes", () => {
    const courses = [{ id: "waist", name: "Waist girth", fromMm: 645, toMm: 631.4, within: [] }] as never;
    expect(words({ courses })).toContain("Waist girth: from 64.5 cm to 63.1 cm (−13.6 mm).");
  });

  it("name the finding a change answers", () => {
    const [piece] = cuttingTable([{ change: sampleChange(), finding: sampleFinding({ kind: "cup_spill" }) }], NOTHING);
    expect(piece?.lines[0]?.why).toBe("cup spills over");
  });
});
