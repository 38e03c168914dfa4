import {
  call,
  cross,
  type Draft,
  edgeLength,
  lengthNearest,
  type Piece,
  type PieceEdge,
  pieceOf,
  placeAlong,
  standingAlong,
  unit,
  way,
} from "../../drafting/index.ts";
import type { Change, TracedCurve } from "../../fitting/index.ts";
import { isPiecesId, recipeOfPieces } from "../../pieces/index.ts";
import type { Cut, Landing } from "../landing.ts";
import { type DrawnHalf, onHalves } from "./amounts.ts";
import { cupsIn, drawCup } from "./cup.ts";
import { drawDart } from "./dart.ts";
import { girthDoing, legEdgeBy } from "./girth.ts";
import { inTheMiddle, MIDDLE_OF_LEG } from "./inTheMiddle.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT, together } from "./rule.ts";
import { solvedBy } from "./solved.ts";

/** Which edge of a piece gapes, by where it is seen. */
const EDGES: Readonly<Partial<Record<Change["spot"], string>>> = {
  neckline: "neckline",
  backEdge: "neckline",
  armhole: "armhole",
  underarm: "armhole",
  leg: "leg",
  legFront: "leg",
  legBack: "leg",
};

/** Where a wedge at an edge runs to nothing: at the bust line of a neck, at the neckline of an armhole. */
const TURNS_AT: Readonly<Record<string, string>> = {
  neckline: "nothing where the bust line meets the side",
  armhole: "nothing at the neckline",
};

/** Where a wedge or more room at an edge goes; each remedy by its name. */
export const drawEdge: DrawRule = (change, draft) => {
  if (change.traced) return tracedOver(change.traced, draft);
  if (change.amountMm === null) return NO_AMOUNT;
  const { remedy, amountMm } = change;
  if (remedy === "more-seat" || (remedy === "one-side" && change.spot === "seat")) return seat(draft, amountMm);
  if (remedy === "one-side" && !EDGES[change.spot] && cupsIn(draft, change).length > 0) return drawCup(change, draft);
  if (remedy === "wedge" || remedy === "one-side") return wedges(change, draft);
  if (remedy === "dart") return drawDart(change, draft, Math.abs(amountMm));
  return instead("By hand: it is drawn on the pattern. Which line moves there is for you to say.");
};

/** A wedge on each half that gapes, by its own part of the pinch. */
function wedges(change: Change, draft: Draft): Drawn {
  const id = EDGES[change.spot];
  const { halves } = onHalves(change, draft);
  const there = halves.filter(({ half }) => pieceOf(draft, half).edges.some((edge) => edge.id === id));
  if (id === undefined || there.length === 0)
    return instead(
      "By hand: these pieces have no such edge. Fold the wedge out on the cut piece, from the edge to nothing at the nearest seam, and true the edge.",
    );
  // What the pinch took on a half without that edge is all taken on the other.
  const whole = halves.reduce((sum, { centre }) => sum + centre, 0);
  const drawn = there.reduce((sum, { centre }) => sum + centre, 0);
  return together(
    there.map(({ half, centre }) => wedgeOn(draft, half, id, drawn === 0 ? 0 : (centre * whole) / drawn)),
  );
}

function wedgeOn(draft: Draft, half: DrawnHalf, id: string, byMm: number): Drawn {
  const piece = pieceOf(draft, half);
  // Square to a leg no wedge reaches a seam without taking the hip in: it is taken along the seam that ends there.
  if (id === "leg") return legEdgeBy(draft, piece, byMm);
  const edge = piece.edges.find((one) => one.id === id);
  const place = edge && placeFor(piece, edge);
  const landing = edgeLanding(half, id, byMm, {
    line: `${id}, a wedge where it gapes, to ${TURNS_AT[id] ?? "nothing at the nearest seam"}`,
    doing: girthDoing(byMm),
    edges: piece.onFold && !piece.half ? 2 : piece.count,
  });
  const byHand = `By hand: a wedge at the ${id} does not lie flat on the ${piece.name.toLowerCase()}. Turn it into a dart, or shorten the elastic.`;
  if (!place) return instead(byHand);
  return solvedBy({
    ...{ draft, landing, byHand },
    callOf: (amount) => call("wedge", { piece: half, edge: id, ...place, amount }),
  });
}

/** Cut and hinge keep this far from both ends of their edges, mm. */
const FROM_END_MM = 18;

/** So many places of an edge are looked at for one that lies square enough to its hinge: the sine of the angle there is this at least. */
const [LOOKS, SQUARE] = [24, 0.8] as const;

/** A wedge as it is cut: from where on the edge to where on which other. mm along them */
interface WedgePlace {
  readonly at: number;
  readonly into: string;
  readonly intoAt: number;
}

/**
 * Where a wedge is cut: as near to the middle of the edge as its hinge lies square to it, so that it takes off the edge what it is wide.
 * Oblique to it a wedge would have to be far wider.
 */
function placeFor(piece: Piece, edge: PieceEdge): WedgePlace | null {
  const whole = edgeLength(edge);
  const room = whole / 2 - 2 * FROM_END_MM;
  if (room < 0) return null;
  const places = Array.from({ length: LOOKS + 1 }, (_, look) => whole / 2 + room * ((2 * look) / LOOKS - 1));
  const looked = places.flatMap((at) => {
    const hinge = hingeOf(piece, edge, at);
    const there = standingAlong(edge.lines, at);
    const lines = piece.edges.find(({ id }) => id === hinge?.into)?.lines ?? [];
    const to = hinge && placeAlong(lines, hinge.intoAt);
    const toward = there && to && unit(way(there.at, to));
    return hinge && toward ? [{ ...hinge, at, sine: Math.abs(cross(there.along, toward)) }] : [];
  });
  const squarest = looked.toSorted((a, b) => b.sine - a.sine)[0];
  const [nearest = squarest] = looked
    .filter(({ sine }) => sine >= SQUARE)
    .toSorted((a, b) => Math.abs(a.at - whole / 2) - Math.abs(b.at - whole / 2));
  return nearest ? { at: nearest.at, into: nearest.into, intoAt: nearest.intoAt } : null;
}

/** Where a wedge at a place of an edge runs to nothing: of a neck where the bust line meets the side, of an armhole at the neckline. */
function hingeOf(piece: Piece, edge: PieceEdge, at: number): Omit<WedgePlace, "at"> | null {
  const into = piece.edges.find(({ id }) => id === (edge.id === "neckline" ? "side" : "neckline"));
  const from = placeAlong(edge.lines, at);
  const level = piece.levels.find((line) => line.level === "bust");
  if (!into || !from || (edge.id === "neckline" && !level)) return null;
  const whole = edgeLength(into);
  if (whole < 2 * FROM_END_MM) return null;
  const there = lengthNearest(into.lines, edge.id === "neckline" && level ? level.to : from);
  return { into: into.id, intoAt: Math.min(whole - FROM_END_MM, Math.max(FROM_END_MM, there)) };
}

/** An edge longer or shorter by an amount. */
export const edgeLanding = (piece: string, of: string, byMm: number, cut?: Cut): Landing => ({
  ...{ piece, measure: "edge", of, byMm },
  ...(cut ? { cut } : {}),
});

/** Fullest in the middle of the back leg, to nothing at side seam and crotch. */
function seat(draft: Draft, amountMm: number): Drawn {
  const back = draft.pieces.find(({ id }) => id === "back");
  const leg = back?.edges.find(({ id }) => id === "leg");
  if (!back || !leg)
    return instead(
      "By hand: these pieces have no leg edge on the back. Let it out over the seat, to nothing at side seam and crotch.",
    );
  return inTheMiddle(back, leg, amountMm, { line: MIDDLE_OF_LEG, doing: girthDoing(amountMm), edges: 2 });
}

/** An edge brought toward a curve traced on the body, where these are its pieces: of two recipes both may draw a front. */
export function tracedOver({ of, piece: id, edge, points, share }: TracedCurve, draft: Draft): Drawn {
  const own = isPiecesId(of) && recipeOfPieces(of).id === draft.recipe;
  const piece = own ? draft.pieces.find((one) => one.id === id) : undefined;
  if (!piece?.edges.some((one) => one.id === edge))
    return instead(`By hand: it was traced for the ${edge} of ${id}, which is none of these pieces.`);
  return { calls: [call("trace", { piece: id, edge, points, share })], lands: [] };
}
