import type { Piece } from "../../piece/index.ts";
import { cupPatches, flatCup, strapAngle } from "../../surface/index.ts";
import { type CupMade, type CupOfBreast, cupPieceOf } from "../cup/cupSide.ts";
import type { Given } from "../facts.ts";

/** The sling inside a cup, laid flat like the cup itself: what lies outward of a line down the breast, from channel to upper edge. */
export function slingPiece(given: Given, { breast }: CupOfBreast, made: CupMade): Piece[] {
  if (given.choice("sling") === "none") return [];
  const moved = { crossMm: 0, uprightMm: given.number("sling_shift") };
  const [, outer] = cupPatches(breast, "vertical", moved);
  if (!outer) return [];
  const strap = made.strapMm === null ? {} : { strap: strapAngle(breast, made.strapMm) };
  const flat = flatCup(breast, { ...outer, ...strap, id: "sling", name: "Sling" }, made.net);
  const piece = cupPieceOf(flat, [flat], null, made);
  return [
    {
      ...piece,
      role: "net",
      edges: piece.edges.map((edge) =>
        // It ends free inside the cup; its other edges are caught with the cup's.
        edge.role === "cup"
          ? { ...edge, id: "free", finish: "raw", allowanceMm: 0 }
          : { ...edge, role: "own", finish: "seam", allowanceMm: made.seamMm },
      ),
    },
  ];
}
