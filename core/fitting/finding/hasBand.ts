import { isBoned, type Style } from "../../ease/index.ts";

/**
 * True for garments whose band carries the cups, a bra or a top that ends above the waist: what others have in front and back they have in
 * wings, cups and bridge.
 */
export const hasBand = ({ zones, family }: Pick<Style, "zones" | "family">): boolean =>
  family === "softBra" ||
  family === "wiredBand" ||
  (zones.includes("bust") && !zones.includes("waist") && !zones.includes("leg") && !isBoned({ family }));
