import type { ClothKind } from "./clothKind.ts";
import type { Direction } from "./direction.ts";
import type { HandTest } from "./handTest.ts";
import type { LoadLadder } from "./loadLadder.ts";

/** How an elastic is made. */
export const ELASTIC_KINDS = [
  "braided",
  "knitted",
  "woven",
  "picot edge",
  "fold-over",
  "plush",
  "clear or rubber strip",
  "silicone-backed",
] as const;

/** One of {@link ELASTIC_KINDS}. */
export type ElasticKind = (typeof ELASTIC_KINDS)[number];

/** A fabric, or an elastic, as bought. Lengths in mm; what is not known is null. */
export interface Cloth {
  readonly id: number;
  readonly name: string;
  readonly kind: ClothKind;
  readonly composition: string;
  /** Width on the roll; of an elastic, its width. */
  readonly rollWidthMm: number | null;
  readonly massGPerM2: number | null;
  readonly thicknessMm: number | null;
  /** Part of a length lost in the first wash, from a washed square, 0 to under 0.5; null where none was washed. */
  readonly shrinkageAlong: number | null;
  readonly shrinkageAcross: number | null;
  /** Where it comes from, in the workshop's words. */
  readonly supplier: string;
  readonly elasticKind: ElasticKind | null;
  /** Allowance an elastic asks of the edge it finishes. */
  readonly finishAllowanceMm: number | null;
  readonly notes: string;
  readonly version: number;
}

/** State of the swatch when it was pulled. */
export type SwatchState = "new" | "wet" | "washed" | "worn";

/** States with their words. */
export const SWATCH_STATES: readonly { readonly id: SwatchState; readonly words: string }[] = [
  { id: "new", words: "new" },
  { id: "wet", words: "wet" },
  { id: "washed", words: "after washing" },
  { id: "worn", words: "after wear" },
];

/** How the cells of a net look as it is pulled: drawn narrow, or opened wide. */
export type NetLook = "narrow" | "wide";

/**
 * One test of a cloth in one direction: by hand, by load ladder, or both. Its readings are never changed: a newer test
 * counts instead, a wrong one is struck out, and one written down under the wrong direction is put right.
 */
export interface SwatchTest {
  readonly id: number;
  readonly clothId: number;
  readonly direction: Direction;
  /** Day of testing, ISO date. */
  readonly testedOn: string;
  readonly state: SwatchState;
  /** Number of washes, for a swatch tested after washing. */
  readonly washes: number | null;
  readonly look: NetLook | null;
  readonly note: string;
  readonly hand: HandTest | null;
  readonly ladder: LoadLadder | null;
  /** Why it was struck out: it is kept and no longer counts. Null for one that stands. */
  readonly struck: string | null;
  /** The direction it was first written down under; null where that was right. */
  readonly directionWas: Direction | null;
}

/** A test's state in words: `after wash 5`. */
export function stateWords({ state, washes }: Pick<SwatchTest, "state" | "washes">): string {
  if (state === "washed" && washes !== null) return `after wash ${washes}`;
  return SWATCH_STATES.find(({ id }) => id === state)?.words ?? state;
}
