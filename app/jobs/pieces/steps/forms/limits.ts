import type { Draft } from "../../../../../core/drafting/index.ts";

/** The furthest along an edge a place is, the most a lap is wide or deep, a seam is bowed, moved, and its allowance, mm. */
export const [FURTHEST_MM, WIDEST_MM, MOST_BOW_MM, MOST_MOVED_MM, WIDEST_ALLOWANCE_MM] = [3000, 300, 60, 100, 50];

/** True for a pattern from elsewhere of which pieces are drawn. */
export const isOwnDrawn = ({ stated, pieces }: Draft): boolean => stated !== undefined && pieces.length > 0;
