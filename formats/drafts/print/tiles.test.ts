import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, sampleDraft } from "../../../core/testing/index.ts";
import { OVERLAP_MM, PIECE_FORMATS, printable, rowOf } from "./papers.ts";
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
    for (const { box, by } of tiling.sheet.placed) {
      const corners = [
        [box.from.x + by.x, box.from.y + by.y],
        [box.to.x + by.x, box.to.y + by.y],
      ] as const;
      for (const [x, y] of corners) {
        const shown = tiling.tiles.some(
          (tile) =>
            x >= tile.x && x <= tile.x + tiling.shows.widthMm && y >= tile.y && y <= tile.y + tiling.shows.heightMm,
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

it("neighbours overlap by what is glued", () => {
  const [a4] = PIECE_FORMATS;
  if (!a4) throw new Error("There is A4.");
  const { tiles } = tilingOf(draft, a4);
  const [first, second] = [tiles.find(({ name }) => name === "A1"), tiles.find(({ name }) => name === "B1")];
  expect((second?.x ?? 0) - (first?.x ?? 0)).toBe(printable(210) - OVERLAP_MM);
});
