/** Lines of pieces, by class: told apart by weight and dash as well as by tone. */
export const boardStyle = {
  display: "block",
  width: "100%",
  bgcolor: "background.paper",
  "& .ground": { fill: "var(--stz-palette-bench-thread)", fillOpacity: 0.07, stroke: "none" },
  "& path, & line": { fill: "none", vectorEffect: "non-scaling-stroke" },
  "& .cut": { stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 0.9 },
  "& .seam": { stroke: "var(--stz-palette-bench-ink)", strokeWidth: 2 },
  "& .fold": { stroke: "var(--stz-palette-bench-ink)", strokeWidth: 1.4, strokeDasharray: "12 4 2 4" },
  "& .level": { stroke: "var(--stz-palette-bench-thread)", strokeWidth: 1, strokeDasharray: "4 4" },
  "& .marking": { stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 1.2 },
  "& .old": { stroke: "var(--stz-palette-bench-thread)", strokeWidth: 1.1, strokeDasharray: "6 3" },
  "& .lit": { stroke: "var(--stz-palette-bench-mulberry)", strokeWidth: 5 },
  "& .reach": { stroke: "transparent", strokeWidth: 18, cursor: "pointer" },
  "& .fault": {
    fill: "none",
    stroke: "var(--stz-palette-bench-caution)",
    strokeWidth: 2.5,
    vectorEffect: "non-scaling-stroke",
  },
  "& text": {
    fill: "var(--stz-palette-bench-ink)",
    fontFamily: '"Hanken Grotesk Variable", sans-serif',
    userSelect: "none",
  },
  "& .soft": { fill: "var(--stz-palette-bench-inkSoft)" },
  "& .number": { fontWeight: 700 },
} as const;
