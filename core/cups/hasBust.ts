import type { CalculatedStyle } from "../calculation/calculation.ts";
import { isBra } from "../calculation/isBra.ts";

/** True for styles that cover a bust. */
export const hasBust = (style: CalculatedStyle): boolean => style.zones.includes("bust") || isBra(style);
