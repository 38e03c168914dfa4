import type { CupSide } from "../../cups/index.ts";
import { term } from "../../explain/index.ts";
import type { WireFit, WireInput } from "./wireFit.ts";
import type { WireSide } from "./wireSides.ts";

/** A wire and a root width may differ by this much, mm. */
export const DIAMETER_TOLERANCE_MM = 3;

/** One wire as it lies in its channel. */
export interface FittedWire {
  readonly side: WireSide["side"];
  readonly input: WireInput;
  readonly fit: WireFit;
}

/** A length of the wire or its channel, as a term of a formula. */
export const typed = term("garment", "length");

/** How numbers of one side begin. */
export const SIDE_WORDS: Readonly<Record<CupSide, string>> = { left: "Left", right: "Right" };
