import { PLAIN, partAlong, point, smoothCurve, unit, way } from "../../geometry/index.ts";
import { edgeLength, edgeOf, type Piece } from "../../piece/index.ts";
import { edge, foldedHalf } from "../drawn.ts";
import { biasGrain } from "./grain.ts";

/** Across a piece, toward the centre. */
const LEFT = point(-1, 0);

/** The facing of a slip's back: its upper edges again, down to a line below them. */
export function backFacing(back: Piece, depthMm: number, seamMm: number): Piece {
  const [neck, strap, hole] = [edgeOf(back, "neckline"), edgeOf(back, "strap"), edgeOf(back, "armhole")];
  const upper = partAlong(hole.lines, 0, Math.min(depthMm, edgeLength(hole)));
  const [top, end] = [neck.lines[0]?.from ?? point(0, 0), upper.at(-1)?.to ?? point(0, 0)];
  const low = point(0, top.y + depthMm);
  // Square to the fold, and on from there to where the armhole has gone as deep.
  const lower = smoothCurve({ at: end, toward: unit(way(end, low)) ?? LEFT }, { at: low, toward: LEFT }, PLAIN);
  const sewn = { finish: "seam", allowanceMm: seamMm } as const;
  const piece = foldedHalf(
    "back",
    { low, top },
    {
      edges: [
        edge("neckline", "neckline", neck.lines, sewn),
        edge("strap", "strap", strap.lines, sewn),
        edge("armhole", "armhole", upper, sewn),
        edge("lower", "hem", [lower], { finish: "raw", allowanceMm: 0 }),
      ],
      levels: [],
      grain: biasGrain(end.x / 2, (top.y + low.y) / 2),
      notches: [],
    },
  );
  return { ...piece, id: "backFacing", name: "Back facing", role: "facing" };
}
