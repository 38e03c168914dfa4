import type { GarmentLayer } from "../cloth/index.ts";
import { isBoned as isBonedStyle, type Style, type Zone } from "../ease/index.ts";
import { isBottom, isTop, isWhole, hasLegs as legs, NEW_PARTS, type PartsWorking } from "../parts/index.ts";
import type { Made } from "./step.ts";

/** What says how a garment is made. */
export interface MadeFrom {
  readonly style: Style;
  /** Null where none was kept: then those its style starts with. */
  readonly parts: PartsWorking | null;
  readonly openings: Readonly<Partial<Record<Zone, string>>>;
  readonly layers: readonly Pick<GarmentLayer, "role" | "direction">[];
}

/** How a garment is made, as far as its sewing is decided by it. */
export const madeOf = ({ style, parts, openings, layers }: MadeFrom): Made => ({
  style: {
    ...{ id: style.id, family: style.family, zones: style.zones, lengths: style.lengths },
    ...(style.closes ? { closes: style.closes } : {}),
  },
  parts: parts ?? { ...NEW_PARTS, ...style.parts },
  opens: Object.keys(openings).length > 0,
  bias: (layers.find(({ role }) => role === "shell") ?? layers[0])?.direction === "bias",
  lined: layers.some(({ role }) => role === "lining"),
});

/** A garment with legs. */
export const hasLegs = ({ style }: Made): boolean => legs(style);

/** From shoulder to crotch. */
export const isOnePiece = ({ style }: Made): boolean => isWhole(style);

/** Ends at the waist, with legs. */
export const isBrief = ({ style }: Made): boolean => isBottom(style);

/** A bra, or a swim top that ends with its band. */
export const isBra = ({ style }: Made): boolean => isTop(style) && !style.zones.includes("waist");

/** A bra with wires. */
export const isWired = ({ style }: Made): boolean => style.family === "wiredBand";

/** Held by bones and laced or zipped. */
export const isBoned = ({ style }: Made): boolean => isBonedStyle(style);

/** Hangs from the shoulders, and is no bra: camisole, slip, one-piece. */
export const hangs = (made: Made): boolean => made.style.zones.includes("bust") && !isBra(made) && !isBoned(made);

/** A skirt hangs from its boned bodice. */
export const hasSkirt = (made: Made): boolean =>
  isBoned(made) && made.style.lengths.some(({ id }) => id === "skirtSide");

/** Hangs, and has a hem. */
export const hasHem = (made: Made): boolean => (hangs(made) && !hasLegs(made)) || hasSkirt(made);

/** It is lined, by its parts or by its layers. */
export const isLined = ({ parts, lined }: Made): boolean =>
  parts.lining === "open" ? lined : parts.lining !== "none" && parts.lining !== "reversible";
