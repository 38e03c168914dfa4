import { TRUNK_PARTS, type TrunkPart } from "../../body/index.ts";
import { ZONE_NAMES, type Zone } from "../../ease/index.ts";
import { TRUNK_PART_NAMES } from "../trunk/working.ts";

/** Girths a wrap can give, from the top down. */
export const WRAP_ZONES = [
  "overbust",
  "bust",
  "underbust",
  "waist",
  "highHip",
  "hip",
] as const satisfies readonly Zone[];

/** One of {@link WRAP_ZONES}. */
export type WrapZone = (typeof WRAP_ZONES)[number];

/** What an edge of a wrap is a part of: a girth, a part of the trunk loop, or nothing that is summed. */
export type WrapCount = WrapZone | TrunkPart | "none";

/** Everything an edge can count to, with plain words. */
export const WRAP_COUNTS: readonly { readonly id: WrapCount; readonly words: string }[] = [
  { id: "none", words: "—" },
  ...WRAP_ZONES.map((id) => ({ id, words: ZONE_NAMES[id].toLowerCase() })),
  ...TRUNK_PARTS.map((id) => ({ id, words: TRUNK_PART_NAMES[id].toLowerCase() })),
];

/** One edge, or one line across, of a flattened piece of a wrap. */
export interface WrapEdge {
  readonly piece: string;
  /** As measured along the flattened edge, mm, above 0. */
  readonly lengthMm: number;
  readonly counts: WrapCount;
  /** Twice where the piece stands for both sides of the body. */
  readonly twice: boolean;
  /** Letter of the seam it is sewn in; empty where it is not. */
  readonly seam: string;
}

/** A body wrapped in film or tape, cut off, flattened and measured along its edges. */
export interface BodyWrap {
  readonly id: number;
  readonly wearerId: number;
  readonly name: string;
  /** ISO date. */
  readonly takenOn: string;
  readonly notes: string;
  readonly edges: readonly WrapEdge[];
  readonly version: number;
}

/** The sum of the edges that count to something, mm; null where none does. */
export function wrapSum(edges: readonly WrapEdge[], counts: WrapCount): number | null {
  const parts = edges.filter((edge) => edge.counts === counts);
  if (parts.length === 0) return null;
  return parts.reduce((sum, { lengthMm, twice }) => sum + (twice ? 2 : 1) * lengthMm, 0);
}

/** The trunk loop of a wrap, mm: its parts, and the whole where all four are there. */
export function wrapLoop(edges: readonly WrapEdge[]): Partial<Record<TrunkPart | "trunkLoop", number>> {
  const parts = TRUNK_PARTS.flatMap((part) => {
    // The loop runs along one line: a piece for both sides has it once.
    const sum = wrapSum(
      edges.map((edge) => ({ ...edge, twice: false })),
      part,
    );
    return sum === null ? [] : [[part, sum] as const];
  });
  const whole = parts.reduce((sum, [, mm]) => sum + mm, 0);
  return { ...Object.fromEntries(parts), ...(parts.length === TRUNK_PARTS.length ? { trunkLoop: whole } : {}) };
}

/** Two edges that are sewn together may differ by this much, mm. */
export const SEAM_TOLERANCE_MM = 2;

/** A seam with the lengths of its two sides, mm. */
export interface SeamPair {
  readonly seam: string;
  readonly sides: readonly { readonly piece: string; readonly lengthMm: number }[];
  /** First side less the second; null where there are not two sides. */
  readonly differenceMm: number | null;
  readonly verdict: "equal" | "unequal" | "notTwo";
}

/** Every seam of a wrap: the edges of one letter, summed by piece, must be of equal length. */
export function seamPairs(edges: readonly WrapEdge[]): SeamPair[] {
  const seams = [...new Set(edges.map(({ seam }) => seam).filter((seam) => seam !== ""))].toSorted();
  return seams.map((seam) => {
    const own = edges.filter((edge) => edge.seam === seam);
    const pieces = [...new Set(own.map(({ piece }) => piece))];
    // Both edges may lie on one piece, like a dart: then they are its two sides.
    const sides =
      pieces.length === 1
        ? own.map(({ piece, lengthMm }) => ({ piece, lengthMm }))
        : pieces.map((piece) => ({
            piece,
            lengthMm: own.reduce((sum, edge) => sum + (edge.piece === piece ? edge.lengthMm : 0), 0),
          }));
    const [first, second, ...more] = sides;
    if (!first || !second || more.length > 0) return { seam, sides, differenceMm: null, verdict: "notTwo" };
    const differenceMm = first.lengthMm - second.lengthMm;
    return { seam, sides, differenceMm, verdict: Math.abs(differenceMm) <= SEAM_TOLERANCE_MM ? "equal" : "unequal" };
  });
}
