import type { DemoCloth } from "./demoCloth.ts";

/** Four elastics of the invented workshop: tested along, their width being the strip. */
export const SHELF_ELASTICS = {
  plush: {
    name: "Plush band elastic 12",
    kind: "elastic",
    elasticKind: "plush",
    composition: "74 % polyamide, 26 % elastane",
    rollWidthMm: 12,
    finishAllowanceMm: 12,
    testedOn: "2026-08-20",
    swatches: [
      {
        direction: "along",
        hand: [100, 195, 104],
        ladder: {
          softness: 110,
          stiffening: 1.6,
          returned: 0.82,
          kept: 0.04,
          widthMm: 12,
          loadsN: [0.5, 1, 2, 3, 4.5],
        },
      },
    ],
  },
  picot: {
    name: "Picot edge 10",
    kind: "elastic",
    elasticKind: "picot edge",
    rollWidthMm: 10,
    finishAllowanceMm: 7,
    testedOn: "2026-08-20",
    swatches: [
      {
        direction: "along",
        hand: [100, 220, 105],
        ladder: {
          softness: 60,
          stiffening: 1.7,
          returned: 0.8,
          kept: 0.05,
          widthMm: 10,
          loadsN: [0.3, 0.6, 1.2, 2, 3],
        },
      },
    ],
  },
  foldOver: {
    name: "Fold-over elastic 15",
    kind: "elastic",
    elasticKind: "fold-over",
    rollWidthMm: 15,
    finishAllowanceMm: 0,
    testedOn: "2026-08-21",
    swatches: [{ direction: "along", hand: [100, 185, 106] }],
  },
  rubber: {
    name: "Rubber strip 8",
    kind: "elastic",
    elasticKind: "clear or rubber strip",
    rollWidthMm: 8,
    finishAllowanceMm: 9,
    notes: "Holds latex: ask before using it.",
    testedOn: "2026-08-21",
    swatches: [
      {
        direction: "along",
        hand: [100, 260, 102],
        ladder: { softness: 120, stiffening: 0.9, returned: 0.93, kept: 0.01, widthMm: 8, loadsN: [0.5, 1, 2, 3] },
      },
    ],
  },
} as const satisfies Record<string, DemoCloth>;
