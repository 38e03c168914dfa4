import {
  closedPath,
  cross,
  type Edge,
  moved,
  outlineOf,
  type Piece,
  type Point,
  pathData,
  square,
  straight,
  times,
  unit,
  way,
} from "../../core/drafting/index.ts";
import { pointer } from "./arrows.ts";

/** A cut line so near a fold lies on it, mm. */
const ON_FOLD_MM = 0.05;

/** How far inside a fold its bracket stands, and where along it, as parts of it, mm. */
const BRACKET = { inMm: 6, from: 0.3, to: 0.7 } as const;

/** Seam line and cut line of a piece without its folds, and the folds: nothing is cut or sewn there. */
export function foldedLines(
  piece: Pick<Piece, "edges">,
  cut: readonly Edge[],
): { readonly cut: string[]; readonly seam: string[]; readonly fold: string[] } {
  const folds = piece.edges.filter(({ finish }) => finish === "fold").flatMap(({ lines }) => lines);
  if (folds.length === 0) return { cut: [closedPath(cut)], seam: [closedPath(outlineOf(piece))], fold: [] };
  const onFold = (edge: Edge) => edge.kind === "straight" && folds.some((fold) => liesOn(edge, fold));
  const without = (outline: readonly Edge[]) => [pathData(fromBreak(outline, onFold).filter((edge) => !onFold(edge)))];
  return {
    cut: without(cut),
    seam: without(outlineOf(piece)),
    fold: cut.filter(onFold).map((edge) => pathData([edge])),
  };
}

/** The brackets of a piece whose arrows point at its folds: they are laid on the doubled edge of the cloth. */
export const foldBrackets = ({ edges }: Pick<Piece, "edges">): string[] =>
  edges.filter(({ finish }) => finish === "fold").flatMap(({ lines }) => lines.flatMap(bracketOf));

/** The outline gone round from behind a fold, so that what is left of it is one way. */
function fromBreak(outline: readonly Edge[], onFold: (edge: Edge) => boolean): readonly Edge[] {
  const start = outline.findIndex((edge, at) => !onFold(edge) && onFold(outline.at(at - 1) ?? edge));
  return start < 0 ? outline : [...outline.slice(start), ...outline.slice(0, start)];
}

function liesOn({ from, to }: Edge, fold: Edge): boolean {
  const along = unit(way(fold.from, fold.to));
  return along !== null && [from, to].every((place) => Math.abs(cross(along, way(fold.from, place))) <= ON_FOLD_MM);
}

function bracketOf({ from, to }: Edge): string[] {
  const along = unit(way(from, to));
  if (!along) return [];
  // The piece lies right of the way along its edges.
  const inside = times(square(along), BRACKET.inMm);
  const [first, last] = [BRACKET.from, BRACKET.to].map((part) => moved(from, way(from, to), part)) as [Point, Point];
  const [back, front] = [moved(first, inside), moved(last, inside)];
  return [...pointer(back, first), pathData([straight(back, front)]), ...pointer(front, last)];
}
