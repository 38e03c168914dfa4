/** A form that puts a loose waist on the record. */
export const SEEN_FINDING = {
  intent: "finding",
  kind: "loose",
  spot: "waist",
  side: "both",
  view: "back",
  x: "0.5",
  y: "0.46",
  amount: "24",
  unit: "cm",
} as const;

/** A size chart with one size. */
export const CHART_FORM = {
  name: "Tide",
  ease: "stretch",
  unit: "cm",
  "sizes[0].name": "38",
  "sizes[0].body.waist": "70",
} as const;

/** A layup of two layers. */
export const LAYUP_FORM = {
  name: "Front",
  "layers[0].cloth": "Heron cotton jersey",
  "layers[0].direction": "across",
  "layers[0].role": "shell",
  "layers[1].cloth": "Sable power net",
  "layers[1].direction": "along",
  "layers[1].role": "net",
} as const;

/** A swatch pulled by hand. */
export const PULLED_FORM = { direction: "bias", testedOn: "2026-11-01", gauge: "100", stretched: "150" } as const;

/** A body wrap of one edge. */
export const WRAP_FORM = {
  name: "Standing",
  takenOn: "2026-11-01",
  "edges[0].piece": "Front",
  "edges[0].length": "19",
} as const;

/** A garment that fits, measured at its waist. */
export const LIKED_FORM = { name: "Grey brief", measuredOn: "2026-11-01", "width.waist": "32,9", unit: "cm" } as const;
