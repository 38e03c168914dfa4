import type { DemoCloth } from "./demoCloth.ts";

/** What holds and does not give: for everything boned. */
export const SHELF_STABLE = {
  herringbone: {
    name: "Slate herringbone",
    kind: "woven",
    composition: "100 % cotton",
    rollWidthMm: 1500,
    massGPerM2: 310,
    thicknessMm: 0.55,
    notes: "Woven to hold: the strength layer of everything boned.",
    testedOn: "2026-09-12",
    swatches: [
      { direction: "across", hand: [100, 101.5, 100] },
      { direction: "along", hand: [100, 101, 100] },
    ],
  },
} as const satisfies Record<string, DemoCloth>;
