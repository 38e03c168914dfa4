import { point, smoothCurve, straight } from "../../geometry/index.ts";
import { type ClothRole, grainAt, type Piece } from "../../piece/index.ts";
import { edge, onFold, sewnTo } from "../drawn.ts";

/** What is added at seams and at edges with elastic, mm. */
export interface LegAllowances {
  readonly seamMm: number;
  readonly edgeMm: number;
}

/** Half the gusset, its sides square to both seams: the leg edge then goes on over them without a corner. */
export function gussetPiece(
  id: string,
  role: ClothRole,
  size: { readonly lengthMm: number; readonly frontHalfMm: number; readonly backHalfMm: number },
  { seamMm, edgeMm }: LegAllowances,
): Piece {
  const [down, front, back] = [point(0, 1), point(size.frontHalfMm, 0), point(size.backHalfMm, size.lengthMm)];
  const side = smoothCurve({ at: front, toward: down }, { at: back, toward: down }, { leaving: 0.4, arriving: 0.4 });
  const bottom = point(0, size.lengthMm);
  return {
    id,
    name: role === "lining" ? "Gusset lining" : "Gusset",
    count: 1,
    onFold: true,
    mirrored: false,
    role,
    edges: [
      edge("front", "gusset", [straight(point(0, 0), front)], sewnTo("front", "gusset", seamMm)),
      edge("side", "leg", [side], { finish: "elastic", allowanceMm: edgeMm }),
      edge("back", "gusset", [straight(back, bottom)], sewnTo("back", "gusset", seamMm)),
      onFold("centre", "centre", bottom, point(0, 0)),
    ],
    levels: [],
    grain: grainAt(10, 0, size.lengthMm),
    notches: [],
    links: [id === "gusset" ? "gussetLining" : "gusset"],
  };
}
