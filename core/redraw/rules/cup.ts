import {
  call,
  type Draft,
  dot,
  edgeLength,
  type Piece,
  type PieceEdge,
  partnerOf,
  point,
  way,
} from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { type Drawn, type DrawRule, instead, inWords, NO_AMOUNT, together } from "./rule.ts";
import { solvedBy } from "./solved.ts";

/** Where along a seam a change of volume is fullest, from its inner end: toward the side, the middle, toward the centre. */
const [TOWARD_SIDE, MIDDLE, TOWARD_CENTRE] = [0.65, 0.5, 0.35] as const;

/** The seam through the apex. */
const ACROSS = [
  ["cross", MIDDLE],
  ["upright", MIDDLE],
] as const;

/** The edges that change the volume where it is seen, the first that a cup has, and where each is fullest. */
const SEAMS: Readonly<Partial<Record<Change["spot"], readonly (readonly [edge: string, at: number])[]>>> = {
  cupTop: [
    ["top", MIDDLE],
    ["neckline", MIDDLE],
  ],
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
  cupLower: [
    ["lower", MIDDLE],
    ["upright", MIDDLE],
    ["cross", MIDDLE],
  ],
  bust: ACROSS,
  overbust: ACROSS,
  bustPoint: ACROSS,
  gore: [
    ["lower", MIDDLE],
    ["cross", TOWARD_CENTRE],
    ["upright", MIDDLE],
  ],
  sideOfBust: [
    ["crossOuter", MIDDLE],
    ["cross", TOWARD_SIDE],
    ["upright", MIDDLE],
  ],
};

/** An edge that runs over several pieces is changed on one where so much of it lies there. */
const MOST_OF_IT = 0.7;

/** The volume of a cup is given or taken at a seam: each of its two pieces by a half, to nothing at both ends; the upper edge by all of it. */
export const drawCup: DrawRule = (change, draft) => {
  const { amountMm, spot } = change;
  const cups = cupsIn(draft, change);
  if (cups.length === 0)
    return instead(
      "By hand: no cups are drawn with these pieces. Change the seam of the cup there, half on each of its two pieces.",
    );
  if (amountMm === null) return NO_AMOUNT;
  const seam = (SEAMS[spot] ?? []).find(([edge]) => edgesCalled(cups, edge).length > 0);
  if (!seam) return instead("By hand: these cups have no seam there. Move their seams at Pieces, and draw them anew.");
  const edges = edgesCalled(cups, seam[0]);
  // One of every pair that is sewn together: the operation changes both, and both halves of a piece that is parted.
  const seen = new Set<string>();
  const first = edges.filter(([{ id, half }, { seam: to }]) => {
    const own = half?.of ?? id;
    const known =
      seen.has(own) || (to !== null && seen.has(edges.find(([one]) => one.id === to.piece)?.[0].half?.of ?? to.piece));
    seen.add(own);
    return !known;
  });
  const sides = new Set(first.map(([piece]) => cupName(piece)));
  const chosen = [...sides].map((side) => longest(first.filter(([piece]) => cupName(piece) === side)));
  if (chosen.some((one) => one === null))
    return instead(
      "By hand: the upper edge runs over several pieces. Change the upper arc of the breast, and draw the cups anew.",
    );
  return together(chosen.flatMap((one) => (one ? [volumeAt(draft, one, amountMm, seam[1])] : [])));
};

/** Seams through the apex that its fullness moves along, each told of one of its two pieces: outward, and down. */
const THROUGH_APEX = {
  across: { edge: "cross", of: /^upper(Left|Right)?$/, ahead: (...on: OnPiece) => outward(...on) },
  down: { edge: "upright", of: /^inner(Left|Right)?$/, ahead: (...[, edge]: OnPiece) => downward(edge) },
} as const;

/** What is told of a fullest place that moves: toward the side above 0, or down. */
const TOWARD = { across: ["centre", "side"], down: ["up", "down"] } as const;

/** The fullest place of a cup moved along a seam through it, outward or down; null where it has no such seam. */
export function drawFullness(draft: Draft, change: Change, way: keyof typeof THROUGH_APEX, byMm: number): Drawn | null {
  const { edge: called, of, ahead } = THROUGH_APEX[way];
  const edges = edgesCalled(cupsIn(draft, change), called).filter(([{ id }]) => of.test(id));
  if (edges.length === 0) return null;
  return together(
    edges.map(([piece, edge]) =>
      solvedBy({
        draft,
        landing: {
          ...{ piece: piece.id, measure: "fullest", of: edge.id, byMm: ahead(piece, edge) ? byMm : -byMm },
          cut: { line: `the fullest place of the ${seamName(edge.id)}`, doing: TOWARD[way][byMm < 0 ? 0 : 1] },
        },
        callOf: (amount) => call("shiftFullness", { piece: piece.id, edge: edge.id, by: amount }),
        byHand: "By hand: the seam bends too little to have a fullest place. Redraw it on the cup.",
      }),
    ),
  );
}

type OnPiece = readonly [piece: Piece, edge: PieceEdge];

/** The pieces of cups of the sides a change is of: cups of their own are told by their names. */
export function cupsIn({ pieces, round }: Draft, { side }: Pick<Change, "side">): readonly Piece[] {
  const cups = pieces.filter(
    ({ id, half, edges }) => !round.includes(half?.of ?? id) && edges.some(({ role, seam }) => role === "cup" && seam),
  );
  const ofSide = cups.filter(({ id }) => side !== "both" && id.toLowerCase().endsWith(side));
  return ofSide.length > 0 ? ofSide : cups;
}

const edgesCalled = (pieces: readonly Piece[], id: string): OnPiece[] =>
  pieces.flatMap((piece) => piece.edges.filter((edge) => edge.id === id).map((edge) => [piece, edge] as const));

/** Which cup a piece is of: one of a side with a name of its own, or the one that both are cut from. */
const cupName = ({ id }: Piece): string => /(Left|Right)$/.exec(id)?.[0] ?? "";

/** The edge on which most of a cup's lies; null where it runs over several. */
function longest(edges: readonly OnPiece[]): OnPiece | null {
  const all = edges.reduce((sum, [, edge]) => sum + edgeLength(edge), 0);
  return edges.find(([, edge]) => edgeLength(edge) >= MOST_OF_IT * all) ?? null;
}

/** True where an edge is drawn from its inner end, that which lies nearer to the centre front. */
function outward({ id }: Piece, { lines }: PieceEdge): boolean {
  const [from, to] = [lines[0]?.from.x ?? 0, lines.at(-1)?.to.x ?? 0];
  // Cups with names of their own are each drawn as they are cut, the right one turned over.
  return (to - from) * (/Right$/.test(id) ? -1 : 1) >= 0;
}

/** True where an edge is drawn from its upper end. */
const downward = ({ lines }: PieceEdge): boolean => (lines.at(-1)?.to.y ?? 0) >= (lines[0]?.from.y ?? 0);

/** Volume at a seam: half of it on each of its two pieces, or all of it at an edge that is no seam, where it is fullest. */
function volumeAt(draft: Draft, [piece, edge]: OnPiece, amount: number, part: number): Drawn {
  const at = outward(piece, edge) ? part : 1 - part;
  const doing = amount < 0 ? "takeIn" : "letOut";
  const line = (of: string) =>
    `${seamName(of)}, fullest ${part > MIDDLE ? "toward the side" : part < MIDDLE ? "toward the centre" : "in its middle"}, to nothing at both ends`;
  const landing = (id: string, of: PieceEdge, atPart: number, byMm: number): Landing => ({
    ...{ piece: id, measure: "off", of: of.id, atPart, byMm },
    cut: { line: line(of.id), doing },
  });
  const other = partnerOf(draft.pieces, edge);
  const half = other ? amount / 2 : amount;
  const own = landing(piece.id, edge, at, half);
  const there = other && runsAlike(edge, other.edge) ? at : 1 - at;
  return {
    calls: [call("cupSeam", { piece: piece.id, edge: edge.id, amount, at })],
    lands: [own, ...(other ? [landing(other.piece.id, other.edge, there, half)] : [])],
  };
}

/** True where both edges of a seam are drawn from the same of its ends. */
function runsAlike(...edges: readonly [PieceEdge, PieceEdge]): boolean {
  const [a, b] = edges.map(({ lines }) => way(lines[0]?.from ?? ORIGIN, lines.at(-1)?.to ?? ORIGIN));
  return a !== undefined && b !== undefined && dot(a, b) > 0;
}

const ORIGIN = point(0, 0);

/** An edge of a cup as it is told: `cross seam`. */
const seamName = (id: string): string => {
  const words = inWords(id);
  return id === "neckline" || id === "top" ? `${words === "top" ? "upper" : words} edge` : `${words} seam`;
};
