/** Lines and fills of the figure's drawings, by class. */
export const bodyStyle = {
  "& .skin": { fill: "var(--stz-palette-bench-skin)", stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 1.3 },
  "& .flesh": { fill: "var(--stz-palette-bench-skin)" },
  "& .contour": {
    fill: "none",
    stroke: "var(--stz-palette-bench-inkSoft)",
    strokeWidth: 1.3,
    strokeLinejoin: "round",
    strokeLinecap: "round",
  },
  "& .trait": { fill: "none", stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 0.9, opacity: 0.6 },
  "& .hair": { fill: "var(--stz-palette-bench-hair)", stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 0.8 },
  "& .cloth": {
    fill: "var(--stz-palette-bench-thread)",
    fillOpacity: 0.1,
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 1.2,
  },
} as const;
