import type { Draft } from "../../drafting/index.ts";
import { LIKED_LENGTH_NAMES, LIKED_LENGTHS, type LikedLength } from "../../ease/index.ts";
import type { Explanation } from "../../explain/index.ts";
import { armhole } from "./armhole.ts";
import type { LikedPoint } from "./likedPoint.ts";
import { neckDepthBack, neckDepthFront } from "./neckDepth.ts";
import { onPieces } from "./piecesOf.ts";
import { backRise, frontRise } from "./rise.ts";
import { strap } from "./strap.ts";

export { broughtTo } from "./brought.ts";
export type { LikedPoint } from "./likedPoint.ts";

/** Every length that is found again on drawn pieces. A sleeve is on none of them, and from shoulder to hem no piece runs: what hangs down to a hem hangs on straps. */
export const LIKED_POINTS: readonly LikedPoint[] = [neckDepthFront, neckDepthBack, strap, frontRise, backRise, armhole];

/** A length of a garment that fits beside that of drawn pieces. */
export interface PointBeside {
  readonly id: LikedLength;
  /** Null where these pieces have none. */
  readonly drawn: Explanation | null;
  readonly likedMm: number;
}

/** Lengths of a garment laid over drawn pieces, as far as it was measured. */
export const pointsBeside = (draft: Draft, lengthsMm: Readonly<Partial<Record<LikedLength, number>>>): PointBeside[] =>
  LIKED_LENGTHS.flatMap((id) => {
    const likedMm = lengthsMm[id];
    if (likedMm === undefined) return [];
    const drawn = LIKED_POINTS.find((point) => point.id === id)?.measure(draft) ?? null;
    return [
      {
        id,
        drawn: drawn && {
          ...EXPLAINED,
          title: `${LIKED_LENGTH_NAMES[id]}, these pieces`,
          formula: drawn.formula,
          terms: drawn.terms,
          result: { value: drawn.mm, unit: "length" as const },
        },
        likedMm,
      },
    ];
  });

const EXPLAINED = { notes: [], others: [] };

/** By how much a length of the pieces is more than that of a garment that fits. mm */
export const explainBeside = (
  { id, drawn, likedMm }: PointBeside & { readonly drawn: Explanation },
  name: string,
): Explanation => ({
  title: `${LIKED_LENGTH_NAMES[id]}, these pieces against “${name}”`,
  formula: "difference = L − L₀",
  terms: [
    onPieces("L", "of these pieces", drawn.result.value),
    { ...onPieces("L₀", `of “${name}”, laid flat`, likedMm), source: "garments that fit" },
  ],
  result: { value: drawn.result.value - likedMm, unit: "difference" },
  notes: [
    "Lengths lie single, they are not doubled. Another cloth may want another length: hold it against the plan too.",
  ],
  others: [],
});
