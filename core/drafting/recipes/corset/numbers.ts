import { CORSET_LEVEL_NAMES, type CorsetLevel, MOST_TURN_MM, TURN_HEIGHT_MM } from "../../../corset/index.ts";
import { term } from "../../../explain/index.ts";
import type { DraftNumber } from "../../draft.ts";
import { edgeOf, type Piece, type PieceEdge } from "../../piece/index.ts";
import { lengthNumber } from "../drawn.ts";
import { BACK_EDGE, FRONT_EDGE, panelId } from "./panel.ts";
import { type CorsetSide, outsOf, type SideLevelId, turnsOf } from "./side.ts";

/** What a level is called; the upper edge lies above the first. */
export const sideLevelName = (level: SideLevelId): string =>
  level === "upperEdge" ? "Upper edge" : CORSET_LEVEL_NAMES[level as CorsetLevel];

const garment = term("garment", "length");
const moved = term("garment", "difference");

/** Every panel at every level, finished and cut, and how much every seam turns. */
export const panelNumbers = (side: CorsetSide, pieces: readonly Piece[]): DraftNumber[] => [
  ...side.levels.flatMap((level) => pieces.flatMap((piece, at) => widthNumbers(side, level, piece, at))),
  ...turnsOf(side).map(({ seam, edge, mm, fromMm }) =>
    lengthNumber(`turn.${seam}`, `Seam ${seam}, turns within ${TURN_HEIGHT_MM} mm`, {
      formula: "turn",
      terms: [
        moved(
          "turn",
          `of the edge of panel ${edge === "before" ? seam : seam + 1}, from ${Math.round(fromMm)} mm below its upper end`,
          mm,
          "the panels",
        ),
      ],
      value: mm,
      notes: [
        `Over ${MOST_TURN_MM} mm an edge bubbles. Its levels: ${outsOf(side, seam, edge)
          .map((out) => out.toFixed(1))
          .join(", ")} mm out of its straight line.`,
      ],
    }),
  ),
];

function widthNumbers(side: CorsetSide, level: SideLevelId, piece: Piece, at: number): DraftNumber[] {
  const panel = side.panels[level][at];
  if (!panel) return [];
  const title = `${panelId(at + 1).replace("panel", "Panel ")}, ${sideLevelName(level).toLowerCase()}`;
  const [front, back] = [allowance(edgeOf(piece, FRONT_EDGE)), allowance(edgeOf(piece, BACK_EDGE))];
  return [
    lengthNumber(`${piece.id}.${level}`, `${title}, finished`, {
      formula: "w = p · Q / 2 + f + b",
      terms: [
        term("setting", "percent")("p", "share of the panel", side.shares[at] ?? 0, "option of the recipe"),
        garment("Q", `pattern girth, ${sideLevelName(side.base).toLowerCase()}`, side.girthsMm[side.base], "reduction"),
        moved("f", "its front edge takes of the difference", panel.frontMm, "weights of the seams"),
        moved("b", "its back edge takes of the difference", panel.backMm, "weights of the seams"),
      ],
      value: panel.widthMm,
    }),
    lengthNumber(`${piece.id}.${level}.cut`, `${title}, cut`, {
      formula: "w + a + e",
      terms: [
        garment("w", "finished", panel.widthMm, "above"),
        moved("a", "allowance in front", front, "option of the recipe"),
        moved("e", "allowance behind", back, "option of the recipe"),
      ],
      value: panel.widthMm + front + back,
    }),
  ];
}

const allowance = ({ allowanceMm }: PieceEdge): number => allowanceMm;
