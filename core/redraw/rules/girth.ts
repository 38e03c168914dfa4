import { call, type Draft, edgeLength, lengthNearest, type Piece, pieceOf } from "../../drafting/index.ts";
import { type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** A change of girth runs out to nothing over this, mm, or at the next zones. */
export const BLEND_MM = 80;

/** A girth is changed at the side seams, every edge by its share; a leg at the lower end of the side. */
export const drawGirth: DrawRule = (change, draft) => {
  const { zone, amountMm } = change;
  if (amountMm === null) return NO_AMOUNT;
  if (draft.levels.some(({ level }) => level === zone))
    return { calls: [call("girth", { level: zone, amount: amountMm, blend: BLEND_MM })] };
  if (zone === "leg") return { calls: draft.round.flatMap((id) => legCall(draft, id, amountMm)) };
  return instead("These pieces have no girth there: change it where the pieces are drawn from another pattern.");
};

/** A leg has one seam, at the side: each of its two edges takes a half. */
function legCall(draft: Draft, id: string, amountMm: number) {
  const piece = pieceOf(draft, id);
  const side = piece.edges.find((edge) => edge.id === "side");
  if (!side) return [];
  const end = edgeLength(side);
  const params = { piece: id, edge: "side", amount: amountMm / 2, fullFrom: end, fullTo: end, blendAfter: 0 };
  return [call("letOut", { ...params, blendBefore: Math.min(BLEND_MM, end - lastMark(piece)) })];
}

/** How far along its side the last level of a piece lies, mm. */
function lastMark({ edges, levels }: Piece): number {
  const lines = edges.find(({ id }) => id === "side")?.lines ?? [];
  const last = levels.at(-1);
  return last ? lengthNearest(lines, last.to) : 0;
}
