import type { MeasureCode } from "../../body/index.ts";
import type { Direction } from "../../cloth/index.ts";
import type { SchoolId } from "../schools/school.ts";
import type { Family } from "../settings.ts";
import type { Zone } from "../zones.ts";

/** Styles that ship with Stenz; adding one is adding a file and a line in the index. */
export type ShippedStyleId =
  | "brief"
  | "bikiniBottom"
  | "softBra"
  | "wiredBra"
  | "camisole"
  | "slip"
  | "onePiece"
  | "swimTop"
  | "bodysuit"
  | "underbustCorset"
  | "lacedCorset"
  | "cuppedCorset"
  | "waistCincher"
  | "innerCorset"
  | "unlacedCorset"
  | "bonedDress";

/** A shipped style, or one of the workshop's own: `own-12`. */
export type StyleId = ShippedStyleId | `own-${number}`;

/** Where a garment ends below the natural waist, mm: at the front, the back and the side. */
export interface Drops {
  readonly front: number;
  readonly back: number;
  readonly side: number;
}

/** What a style asks of the cloth and allows on the body. A plan outside them is warned of, never refused. */
export interface StyleLimits {
  /** Least usable stretch round the body, ratio. */
  readonly leastStretch: number;
  /** Least usable stretch along the body, ratio; null where the style does not ask for any. */
  readonly leastStretchAlong: number | null;
  /** Most usable stretch round the body, ratio: a corset's cloth must hold; null where there is no limit. */
  readonly mostStretch: number | null;
  /** Largest share of the usable stretch in use. */
  readonly mostShare: number;
  /** Largest mean pressure, kPa. */
  readonly mostPressureKpa: number;
}

/** Limits of most styles: by the share that is near the limit, and the pressure that is firm. */
export const USUAL_LIMITS: StyleLimits = {
  leastStretch: 0,
  leastStretchAlong: null,
  mostStretch: null,
  mostShare: 0.6,
  mostPressureKpa: 2.7,
};

/** A part of a length with the zones whose mean strain draws it in; none for straps and the crotch strip. */
export interface StyleSegment {
  readonly code: MeasureCode;
  readonly zones: readonly Zone[];
}

/** A length of the garment, as its pattern is drawn. */
export interface StyleLength {
  /** Stable name within the style. */
  readonly id: string;
  readonly name: string;
  readonly segments: readonly StyleSegment[];
  /** The trunk loop: one girth strain for all of it, and the taped loop in place of the sum of its parts. */
  readonly loop?: true;
  /** Which drop below the waist is taken off it. */
  readonly drop?: keyof Drops;
  /** Of strap elastic and not of the garment’s cloth: it stretches by the habit of straps, whatever the school. */
  readonly ofElastic?: true;
}

/** A ring without an opening, with what it must pass. */
export interface PullOnRing {
  readonly ring: Zone;
  /** The girths of the body in its way. */
  readonly over: readonly MeasureCode[];
  /** True where an edge with elastic lies on it, which may stretch less than the cloth. */
  readonly edge?: true;
  /** True where one way on is enough, over the head or from below; else all must be passed. */
  readonly either?: boolean;
}

/** What is decided of a garment's parts, by the names of the decisions. */
export type StyleParts = Readonly<Record<string, string>>;

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
  /** Those of them it can be begun without: what is usual stands for them, and that is told. Left out where there are none. */
  readonly beginsWithout?: readonly MeasureCode[];
  readonly limits: StyleLimits;
  readonly pullOn: readonly PullOnRing[];
  readonly lengths: readonly StyleLength[];
  readonly drops: Drops;
  /** Parts its garments start with; left out where none is decided. */
  readonly parts?: StyleParts;
  /** Schools it can be planned by. */
  readonly schools: readonly SchoolId[];
  /** Direction usually laid round the body: the direction of greatest stretch on most knits. */
  readonly usualDirection: Direction;
  /** Seams that usually take a girth change, by zone; the maker can say otherwise per change. */
  readonly seamsTakingChange: Readonly<Partial<Record<Zone, { readonly count: number; readonly name: string }>>>;
  /** How a boned garment usually closes; left out of any other. */
  readonly closes?: "laced" | "zip";
  /** What to be careful about with this style, beside what every plan says. */
  readonly cautions: readonly string[];
}

/** The measures without which a style cannot be planned. */
export const neededMeasures = ({
  measures,
  beginsWithout = [],
}: Pick<Style, "measures" | "beginsWithout">): readonly MeasureCode[] =>
  measures.filter((code) => !beginsWithout.includes(code));
