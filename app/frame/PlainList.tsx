import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { ReactNode } from "react";

/** One row of a list: what it is, what kind, what else. */
export interface PlainRow {
  readonly key: string | number;
  readonly main: ReactNode;
  readonly side?: ReactNode;
  readonly more?: ReactNode;
}

/** A quiet list in three columns that fold under one another on small screens. */
export function PlainList({ label, rows }: { label: string; rows: readonly PlainRow[] }) {
  return (
    <Paper component="ul" aria-label={label} sx={{ p: 0, m: 0, listStyle: "none" }}>
      {rows.map(({ key, main, side, more }) => (
        <Box
          component="li"
          key={key}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "minmax(220px, 1.2fr) minmax(120px, 0.8fr) 2fr" },
            gap: { xs: 0.25, md: 2 },
            px: 2,
            py: 1.25,
            alignItems: "baseline",
            "& + &": { borderTop: "1px solid", borderColor: "divider" },
          }}
        >
          <Box sx={{ fontSize: "1.05rem" }}>{main}</Box>
          <Box sx={{ color: "text.secondary" }}>{side}</Box>
          <Box sx={{ color: "text.secondary" }}>{more}</Box>
        </Box>
      ))}
    </Paper>
  );
}
