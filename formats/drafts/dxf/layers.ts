/** Layers of the open standard for sewn products (ASTM D6673), by their numbers. */
export const DXF_LAYERS = {
  boundary: "1",
  turnPoints: "2",
  curvePoints: "3",
  notches: "4",
  grain: "7",
  internal: "8",
  drill: "13",
  sewLine: "14",
  text: "15",
} as const;
