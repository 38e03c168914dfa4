import { type Draft, edgeLength, type Piece, type PieceEdge } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { call, type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** Where along a seam a change of volume is fullest, from its inner end: toward the side, the middle, toward the centre. */
const [TOWARD_SIDE, MIDDLE, TOWARD_CENTRE] = [0.65, 0.5, 0.35] as const;

/** The seams that change the volume where it is seen, the first that a cup has, and where each is fullest. */
const SEAMS: Readonly<Partial<Record<Change["spot"], readonly (readonly [edge: string, at: number])[]>>> = {
  cupTop: [["top", MIDDLE]],
  cupSide: [
    ["crossOuter", MIDDLE],
    ["cross", TOWARD_SIDE],
    ["sideUpper", MIDDLE],
    ["upright", MIDDLE],
  ],
  cupCentre: [
    ["lower", MIDDLE],
    ["sideLower", MIDDLE],
    ["cross", TOWARD_CENTRE],
    ["upright", MIDDLE],
  ],
  sideOfBust: [
    ["crossOuter", MIDDLE],
    ["cross", TOWARD_SIDE],
    ["upright", MIDDLE],
  ],
};

/** The volume of a cup is given or taken at a seam: each of its two pieces by a half, to nothing at both ends; the upper edge by all of it. */
export const drawCup: DrawRule = (change, draft) => {
  const { amountMm, spot } = change;
  if (draft.recipe !== "cup") return instead("It is drawn on the cups: their pieces are drawn apart from these.");
  if (amountMm === null) return NO_AMOUNT;
  const pieces = piecesOn(draft, change);
  const seam = (SEAMS[spot] ?? []).find(([edge]) => edgesCalled(pieces, edge).length > 0);
  if (!seam) return instead("These cups have no seam there: move their seams at Pieces, and draw them anew.");
  const edges = edgesCalled(pieces, seam[0]);
  if (seam[0] === "top" && sidesIn(edges) < edges.length)
    return instead(
      "The upper edge runs over several pieces: change the upper arc of the breast, and draw the cups anew.",
    );
  const share = seam[0] === "top" ? amountMm : amountMm / 2;
  return { calls: edges.map((one) => letOutAt(one, share, seam[1])) };
};

type OnPiece = readonly [piece: Piece, edge: PieceEdge];

/** The pieces of the sides a change is of: cups of their own are told by their names. */
function piecesOn({ pieces }: Draft, { side }: Change): readonly Piece[] {
  const ofSide = pieces.filter(({ id }) => side !== "both" && id.toLowerCase().endsWith(side));
  return ofSide.length > 0 ? ofSide : pieces;
}

const edgesCalled = (pieces: readonly Piece[], id: string): OnPiece[] =>
  pieces.flatMap((piece) => piece.edges.filter((edge) => edge.id === id).map((edge) => [piece, edge] as const));

/** How many cups edges lie on. */
const sidesIn = (edges: readonly OnPiece[]): number =>
  new Set(edges.map(([{ id }]) => /(Left|Right)$/.exec(id)?.[0] ?? "")).size;

function letOutAt([piece, edge]: OnPiece, amount: number, part: number) {
  const whole = edgeLength(edge);
  // From the inner end: that which lies nearer to the centre front.
  const [from, to] = [edge.lines[0]?.from.x ?? 0, edge.lines.at(-1)?.to.x ?? 0];
  const right = /Right$/.test(piece.id) ? -1 : 1;
  const at = whole * ((to - from) * right >= 0 ? part : 1 - part);
  return call("letOut", {
    ...{ piece: piece.id, edge: edge.id, amount, fullFrom: at, fullTo: at },
    ...{ blendBefore: at, blendAfter: whole - at },
  });
}
