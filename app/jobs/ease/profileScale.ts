import type { Zone } from "../../../core/ease/index.ts";
import { LEVEL } from "../../../core/figure/index.ts";

/** Height of each zone's row; leg and arm stand under and over the trunk's levels. */
export const ROWS: Readonly<Record<Zone, number>> = { ...LEVEL, leg: 266, arm: 92 };

/** The figure is shown from a little above the highest zone, at most from the neck, and where the two scales lie beside it. */
export const HIGHEST = 60;
/** Where the profile ends, px. */
export const BOTTOM = 292;
/** Where the scale of the strain lies, px. */
export const STRAIN = { from: 300, width: 190, most: 1.2 };
/** Where the scale of the pressure lies, px. */
export const PRESSURE = { from: 630, width: 120, most: 4.6 };
/** Height of a bar, px. */
export const BAR = 13;
