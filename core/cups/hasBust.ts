import { type CalculatedStyle, isBra } from "../calculation/index.ts";

/** True for styles that cover a bust. */
export const hasBust = (style: CalculatedStyle): boolean => style.zones.includes("bust") || isBra(style);
