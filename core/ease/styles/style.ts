import type { MeasureCode } from "../../body/measure.ts";
import type { Direction } from "../../cloth/direction.ts";
import type { Family } from "../settings.ts";
import type { Zone } from "../zones.ts";

/** Styles of this version; adding one is adding a file and a line in the index. */
export type StyleId = "brief";

/** One kind of garment: what it is judged at, what it needs and what it must pass. */
export interface Style {
  readonly id: StyleId;
  readonly name: string;
  readonly summary: string;
  readonly family: Family;
  /** Zones from the top down. */
  readonly zones: readonly Zone[];
  /** Measures it needs, in no particular order. */
  readonly measures: readonly MeasureCode[];
  /** Least usable stretch round the body, ratio. */
  readonly leastStretch: number;
  /** Rings without an opening, each with the zone of the body it must pass. */
  readonly pullOn: readonly { readonly ring: Zone; readonly over: Zone }[];
  /** Direction usually laid round the body: the direction of greatest stretch on most knits. */
  readonly usualDirection: Direction;
  /** Seams that usually take a girth change, by zone; the maker can say otherwise per change. */
  readonly seamsTakingChange: Readonly<Partial<Record<Zone, { readonly count: number; readonly name: string }>>>;
}
