import { type Draft, girthsOf } from "../../drafting/index.ts";
import {
  LIKED_LENGTH_NAMES,
  LIKED_LENGTHS,
  type LikedGarment,
  type LikedLength,
  ZONE_NAMES,
  ZONES,
  type Zone,
} from "../../ease/index.ts";
import type { Explanation } from "../../explain/index.ts";
import { explainGirth } from "../explainMeasured.ts";
import { armhole } from "./armhole.ts";
import type { DrawnLength, LikedPoint } from "./likedPoint.ts";
import { neckDepthBack, neckDepthFront } from "./neckDepth.ts";
import { onPieces } from "./piecesOf.ts";
import { backRise, frontRise } from "./rise.ts";
import { strap } from "./strap.ts";

export { broughtTo } from "./brought.ts";
export type { LikedPoint } from "./likedPoint.ts";

/** Every length that is found again on drawn pieces. A sleeve is on none of them, and from shoulder to hem no piece runs: what hangs down to a hem hangs on straps. */
export const LIKED_POINTS: readonly LikedPoint[] = [neckDepthFront, neckDepthBack, strap, frontRise, backRise, armhole];

/** A measure of a garment that fits beside that of drawn pieces. */
export interface MeasureBeside {
  /** A length along the piece, or a girth all round it. */
  readonly of: { readonly length: LikedLength } | { readonly girth: Zone };
  readonly name: string;
  /** With its way; null where these pieces have none. */
  readonly drawn: Explanation | null;
  /** Of the garment, mm; a width laid flat is doubled. */
  readonly likedMm: number;
}

/** A garment laid over drawn pieces, measure by measure, as far as it was measured: girths first, in body order. */
export function measuresBeside(
  draft: Draft,
  { widthsMm, lengthsMm }: Pick<LikedGarment, "widthsMm" | "lengthsMm">,
): MeasureBeside[] {
  const { girths } = girthsOf(draft);
  const round = ZONES.flatMap((zone): MeasureBeside[] => {
    const [widthMm, girth] = [widthsMm[zone], girths.find(({ level }) => level === zone)];
    if (widthMm === undefined || !girth) return [];
    return [{ of: { girth: zone }, name: ZONE_NAMES[zone], drawn: explainGirth(draft, girth), likedMm: 2 * widthMm }];
  });
  const along = LIKED_LENGTHS.flatMap((id): MeasureBeside[] => {
    const likedMm = lengthsMm[id];
    if (likedMm === undefined) return [];
    const drawn = LIKED_POINTS.find((point) => point.id === id)?.measure(draft);
    const name = LIKED_LENGTH_NAMES[id];
    return [{ of: { length: id }, name, drawn: drawn ? explainDrawn(name, drawn) : null, likedMm }];
  });
  return [...round, ...along];
}

const explainDrawn = (name: string, { mm, formula, terms }: DrawnLength): Explanation => ({
  ...{ title: `${name}, these pieces`, formula, terms },
  result: { value: mm, unit: "length" },
  notes: [],
  others: [],
});

/** By how much a measure of the pieces is more than that of a garment that fits. mm */
export const explainBeside = (
  { of, name, likedMm }: MeasureBeside,
  drawn: Explanation,
  garment: string,
): Explanation => ({
  title: `${name}, these pieces against “${garment}”`,
  formula: "difference = L − L₀",
  terms: [
    onPieces("L", "of these pieces", drawn.result.value),
    {
      ...onPieces("L₀", `of “${garment}”, laid flat${"girth" in of ? ", its width doubled" : ""}`, likedMm),
      source: "garments that fit",
    },
  ],
  result: { value: drawn.result.value - likedMm, unit: "difference" },
  notes: [
    "girth" in of
      ? "A girth is decided in the ease plan, where the school “what already fits” takes it over by its tension, not by its millimetres."
      : "Lengths lie single, they are not doubled. Another cloth may want another length: hold it against the plan too.",
  ],
  others: [],
});
