import { describe, expect, it } from "vitest";
import { type Draft, placesAlong } from "../../../core/drafting/index.ts";
import { BRIEF_FACTS, sampleDraft, samplePiece } from "../../../core/testing/index.ts";
import { OVERLAP_MM, PIECE_FORMATS, type PieceFormat, printable, rowOf } from "./papers.ts";
import { columnName, tilingOf } from "./tiles.ts";

const draft = sampleDraft("brief", BRIEF_FACTS);

it.each([
  [0, "A"],
  [25, "Z"],
  [26, "AA"],
  [51, "AZ"],
  [52, "BA"],
])("column %d is %s", (column, name) => expect(columnName(column)).toBe(name));

describe.each(PIECE_FORMATS)("$name", (format) => {
  const tiling = tilingOf(draft, format);

  it("show all of every piece between them", () => {
    for (const placed of tiling.sheet.placed) {
      const places = placed.cut.flatMap((line) => placesAlong(line));
      for (const [x, y] of places.map((place) => [place.x + placed.by.x, place.y + placed.by.y] as const)) {
        const shown = tiling.tiles.some(
          (tile) =>
            tile.pieces.includes(placed) &&
            x >= tile.x &&
            x <= tile.x + tiling.shows.widthMm &&
            y >= tile.y &&
            y <= tile.y + tiling.shows.heightMm,
        );
        expect(shown, `${x}, ${y}`).toBe(true);
      }
    }
  });

  it("lay pieces out beside and under one another, none over another", () => {
    const boxes = tiling.sheet.placed.map(
      ({ box, by }) => [box.from.x + by.x, box.from.y + by.y, box.to.x + by.x, box.to.y + by.y] as const,
    );
    boxes.forEach(([left, top, right, low], at) => {
      for (const [left2, top2, right2, low2] of boxes.slice(at + 1))
        expect(right <= left2 || right2 <= left || low <= top2 || low2 <= top).toBe(true);
      expect(right).toBeLessThanOrEqual(Math.max(rowOf(format), tiling.sheet.widthMm));
    });
  });
});

describe("whole pieces", () => {
  const a0 = PIECE_FORMATS.find(({ id }) => id === "a0");
  if (!a0) throw new Error("There is A0.");
  const sized = (id: string, widthMm: number, heightMm: number) =>
    samplePiece(
      [
        [0, 0],
        [widthMm, 0],
        [widthMm, heightMm],
        [0, heightMm],
      ],
      { id },
    );
  const big: Draft = {
    ...draft,
    pieces: [sized("front", 700, 900), sized("back", 720, 640), sized("low", 300, 300), sized("long", 400, 1500)],
  };

  it.each([
    ["a brief", draft],
    ["large pieces, which have no room on one paper", big],
  ])("of %s are on one A0 each, and no paper is empty", (_what, of) => {
    const { tiles, sheet, shows } = tilingOf(of, a0);
    for (const placed of sheet.placed) {
      const on = tiles.filter(({ pieces }) => pieces.includes(placed));
      const [width, height] = [placed.box.to.x - placed.box.from.x, placed.box.to.y - placed.box.from.y];
      if (width <= shows.widthMm && height <= shows.heightMm - 2 * OVERLAP_MM)
        expect(on, placed.piece.id).toHaveLength(1);
    }
    expect(tiles.every(({ pieces }) => pieces.length > 0)).toBe(true);
  });

  it("and the corners of a box that a piece does not reach print no paper", () => {
    // A piece along the diagonal of a square: of nine tiles the two corners beside it hold nothing.
    const corners = [
      [0, 0],
      [60, 0],
      [560, 760],
      [560, 820],
      [500, 820],
      [0, 60],
    ] as const;
    const along: Draft = { ...draft, pieces: [samplePiece(corners, { id: "way", count: 1 })] };
    const [a4] = PIECE_FORMATS;
    const tiling = tilingOf(along, a4 as PieceFormat);
    expect(tiling.columns * tiling.rows).toBeGreaterThan(tiling.tiles.length);
    const names = tiling.tiles.map(({ name }) => name);
    expect(names).not.toContain("C1");
    expect(names).not.toContain(`A${tiling.rows}`);
  });
});

it("neighbours overlap by what is glued", () => {
  const [a4] = PIECE_FORMATS;
  if (!a4) throw new Error("There is A4.");
  const { tiles } = tilingOf(draft, a4);
  const [first, second] = [tiles.find(({ name }) => name === "A1"), tiles.find(({ name }) => name === "B1")];
  expect((second?.x ?? 0) - (first?.x ?? 0)).toBe(printable(210) - OVERLAP_MM);
});
