/** Units a file may be drawn in that does not say its own, with their millimetres. */
export const UNITS = [
  { value: "mm", label: "millimetres", mm: 1 },
  { value: "cm", label: "centimetres", mm: 10 },
  { value: "in", label: "inches", mm: 25.4 },
  { value: "pt", label: "points", mm: 25.4 / 72 },
] as const;
