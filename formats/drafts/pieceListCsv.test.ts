import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { operate } from "../../core/drafting/index.ts";
import { BRIEF_FACTS, braFacts, sampleDraft } from "../../core/testing/index.ts";
import { PIECE_COLUMNS, pieceListCsv } from "./pieceListCsv.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const rowsOf = (text: string) =>
  Papa.parse<Record<(typeof PIECE_COLUMNS)[number], string>>(text, { header: true, skipEmptyLines: true }).data;

describe("the list of pieces as CSV", () => {
  it("has an edge a row with all there is to cut it by", () => {
    const rows = rowsOf(pieceListCsv(brief));
    expect(Object.keys(rows[0] ?? {})).toEqual([...PIECE_COLUMNS]);
    expect(rows).toHaveLength(brief.pieces.reduce((sum, { edges }) => sum + edges.length, 0));
    expect(rows.find(({ piece, edge }) => piece === "Front" && edge === "side")).toMatchObject({
      ...{ cut: "1", on_fold: "yes", turned_over: "0", cloth: "shell", finish: "seam", sewn_to: "side of Back" },
    });
    expect(rows.find(({ piece }) => piece === "Gusset")?.changes_with).toBe("Gusset lining");
  });

  it("lists what two halves are cut as, once, and counts pairs that are turned over", () => {
    const parted = operate(brief, [{ operation: "part", params: {} }]);
    if (!parted.ok) throw new Error(parted.problem.message);
    const fronts = rowsOf(pieceListCsv(parted.value.draft)).filter(({ piece }) => piece === "Front");
    expect(fronts.map(({ edge }) => edge).filter((edge) => edge.startsWith("side"))).toEqual([
      "side left",
      "side right",
    ]);
    const cups = rowsOf(pieceListCsv(sampleDraft("wiredBra", braFacts({ seams: "cross" }))));
    expect(cups.find(({ edge }) => edge === "cross")).toMatchObject({ cut: "2", turned_over: "1" });
  });

  it("gives no table program an order", () => {
    const named = { ...brief, pieces: brief.pieces.map((piece) => ({ ...piece, name: `=${piece.name}` })) };
    expect(pieceListCsv(named)).toContain("'=Front");
  });
});
