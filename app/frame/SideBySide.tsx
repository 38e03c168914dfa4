import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Two parts beside one another, below one another on a small screen; wide tables and charts shrink with their part. */
export function SideBySide({
  left = 1,
  children,
}: {
  /** Width of the left part over the right one's. */ readonly left?: number;
  readonly children: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: `minmax(0, ${left}fr) minmax(0, 1fr)` },
        gap: 4,
        alignItems: "start",
      }}
    >
      {children}
    </Box>
  );
}
