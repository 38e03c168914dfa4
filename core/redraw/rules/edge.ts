import { call, type Draft, edgeLength, edgeOf, pieceOf } from "../../drafting/index.ts";
import type { Change, TracedCurve } from "../../fitting/index.ts";
import { isPiecesId, recipeOfPieces } from "../../pieces/index.ts";
import { cupsIn, drawCup } from "./cup.ts";
import { drawDart } from "./dart.ts";
import { type Drawn, type DrawRule, ENDS_IN_THE_MIDDLE, instead, NO_AMOUNT } from "./rule.ts";

/** Edges of the neck, by where they gape: their wedge goes to nothing at the bust line. */
const NECKS: Readonly<Partial<Record<Change["spot"], "front" | "back">>> = { neckline: "front", backEdge: "back" };

/** Where a wedge or more room at an edge goes; each remedy by its name. */
export const drawEdge: DrawRule = (change, draft) => {
  if (change.traced) return tracedOver(change.traced, draft);
  if (change.amountMm === null) return NO_AMOUNT;
  const { remedy, amountMm } = change;
  if (remedy === "wedge")
    return change.side === "both" ? wedge(change, draft, -Math.abs(amountMm)) : ENDS_IN_THE_MIDDLE;
  if (remedy === "more-seat") return seat(draft, Math.abs(amountMm));
  if (remedy === "dart") return drawDart(change, draft, Math.abs(amountMm));
  if (remedy === "one-side" && cupsIn(draft, change).length > 0) return drawCup(change, draft);
  return instead("It is drawn on the pattern: which line moves there is for you to say.");
};

function wedge({ spot }: Change, draft: Draft, amount: number): Drawn {
  const half = NECKS[spot];
  const piece = half && draft.round.includes(half) ? pieceOf(draft, half) : null;
  const hinge = piece?.levels.find(({ level }) => level === "bust");
  if (!piece || !hinge || !piece.edges.some(({ id }) => id === "neckline"))
    return instead("A wedge there does not lie flat on these pieces: turn it into a dart, or shorten the elastic.");
  const at = edgeLength(edgeOf(piece, "neckline")) / 2;
  return { calls: [call("slash", { piece: piece.id, edge: "neckline", at, hinge: hinge.level, amount })] };
}

/** Fullest in the middle of the back leg, to nothing at side seam and crotch. */
function seat(draft: Draft, amount: number): Drawn {
  const back = draft.pieces.find(({ id }) => id === "back");
  const leg = back?.edges.find(({ id }) => id === "leg");
  if (!leg) return instead("These pieces have no leg edge on the back.");
  const half = edgeLength(leg) / 2;
  const params = { piece: "back", edge: "leg", amount, fullFrom: half, fullTo: half };
  return { calls: [call("letOut", { ...params, blendBefore: half, blendAfter: half })] };
}

/** An edge brought toward a curve traced on the body, where these are its pieces: of two recipes both may draw a front. */
function tracedOver({ of, piece: id, edge, points, share }: TracedCurve, draft: Draft): Drawn {
  const own = isPiecesId(of) && recipeOfPieces(of).id === draft.recipe;
  const piece = own ? draft.pieces.find((one) => one.id === id) : undefined;
  if (!piece?.edges.some((one) => one.id === edge))
    return instead(`It was traced for the ${edge} of ${id}, which is none of these pieces.`);
  return { calls: [call("trace", { piece: id, edge, points, share })] };
}
