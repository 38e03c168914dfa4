/**
 * The look of a table of bare cells: where there are many that change with every key that is typed, a component for each is
 * too slow. Its numbers stand right by the class `number`.
 */
export const plainTable = {
  width: "100%",
  borderCollapse: "collapse",
  fontSize: "0.92rem",
  "& th, & td": { px: 2, py: 0.75, textAlign: "left", fontWeight: 400, borderBottom: 1, borderColor: "divider" },
  "& thead th": { fontWeight: 700 },
  "& .number": { textAlign: "right" },
  "& td.number": { whiteSpace: "nowrap" },
  "& .strong": { fontWeight: 700 },
  "& .words": { whiteSpace: "nowrap" },
  "& .off": { fontWeight: 750, color: "warning.main" },
  "& .group": { bgcolor: "bench.sunken", fontWeight: 700 },
  "& .aside": { fontWeight: 400, color: "text.secondary" },
  "& tr.lit": { bgcolor: "action.selected" },
} as const;
