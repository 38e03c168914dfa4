/** Lines and fills of the figure's drawings, by class. */
export const bodyStyle = {
  "& .skin": { fill: "var(--stz-palette-bench-skin)", stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 1.3 },
  "& .trait": { fill: "none", stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 0.9, opacity: 0.6 },
  "& .cloth": {
    fill: "var(--stz-palette-bench-thread)",
    fillOpacity: 0.1,
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 1.2,
  },
} as const;
