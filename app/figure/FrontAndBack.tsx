import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { TrunkView } from "../../core/figure/index.ts";

/** Figures of the trunk side by side, each with its view under it. */
export function FrontAndBack({
  views = ["front", "back"],
  maxWidth,
  children,
}: {
  views?: readonly TrunkView[];
  maxWidth: number;
  children: (view: TrunkView) => ReactNode;
}) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", maxWidth }}>
      {views.map((view) => (
        <Box key={view}>
          {children(view)}
          <Typography align="center" color="text.secondary" sx={{ fontSize: "0.85rem" }}>
            {view}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
