/** Lines of the drawings of a calculation, by class; told apart by dash and weight as well as by tone. */
export const drawingStyle = {
  display: "block",
  width: "100%",
  "& .cloth": { fill: "var(--stz-palette-bench-thread)", fillOpacity: 0.1, stroke: "none" },
  "& .line": {
    fill: "none",
    stroke: "var(--stz-palette-bench-ink)",
    strokeWidth: 1.2,
    vectorEffect: "non-scaling-stroke",
  },
  "& .strong": {
    fill: "none",
    stroke: "var(--stz-palette-bench-mulberry)",
    strokeWidth: 2.6,
    vectorEffect: "non-scaling-stroke",
  },
  "& .second": {
    fill: "none",
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 2.2,
    strokeDasharray: "7 4",
    vectorEffect: "non-scaling-stroke",
  },
  "& .thin": {
    fill: "none",
    stroke: "var(--stz-palette-bench-inkSoft)",
    strokeWidth: 1,
    strokeDasharray: "3 3",
    vectorEffect: "non-scaling-stroke",
  },
  "& .taken": { fill: "var(--stz-palette-bench-mulberry)", fillOpacity: 0.16, stroke: "none" },
  "& text": { fill: "var(--stz-palette-bench-ink)", fontFamily: '"Hanken Grotesk Variable", sans-serif' },
} as const;
