import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { threadPath } from "../figure/stretch/threadPath.ts";

/** What a list says while it is empty: what belongs here, why, and the way to the first one. */
export function EmptyState({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <Box
      sx={{ border: "1.5px dashed", borderColor: "divider", p: 4, textAlign: "center", bgcolor: "background.paper" }}
    >
      <Box component="svg" viewBox="0 0 120 20" aria-hidden sx={{ width: 120, mb: 1 }}>
        <path
          d={threadPath("light", 120, 20)}
          fill="none"
          stroke="var(--stz-palette-bench-mulberry)"
          strokeWidth={1.5}
        />
      </Box>
      <Typography variant="h2">{title}</Typography>
      <Typography sx={{ maxWidth: 520, mx: "auto", my: 1.5, color: "text.secondary" }}>{children}</Typography>
      {action}
    </Box>
  );
}
