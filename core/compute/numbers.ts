import { Type } from "typebox";

/** Shortest length a script may give, mm: a ratio to it stays a number. */
const SHORTEST_MM = 1e-6;

/** Longest length a script may give, mm: far beyond any body, short of overflow. */
const LONGEST_MM = 1e6;

/** A length above 0, mm. */
export const lengthMm = () => Type.Number({ minimum: SHORTEST_MM, maximum: LONGEST_MM });

/** A usable stretch: 0 or more; nothing stretches to fifty times itself. */
export const stretch = () => Type.Number({ minimum: 0, maximum: 50 });

/** A ratio between 0 and 1, both included. */
export const part = () => Type.Number({ minimum: 0, maximum: 1 });

/** A strain of cloth: above −1, where nothing would be left. */
export const wornStrain = () => Type.Number({ minimum: -0.99, maximum: 50 });

/** A distance along an edge, 0 or more, mm. */
export const alongMm = () => Type.Number({ minimum: 0, maximum: LONGEST_MM });

/** An amount given or taken, signed, mm. */
export const amountMm = () => Type.Number({ minimum: -LONGEST_MM, maximum: LONGEST_MM });
