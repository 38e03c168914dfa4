import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** Heading of a page with what belongs to it: a line above, a line below, actions at the side. */
export function PageHead({
  title,
  above,
  below,
  actions,
}: {
  title: string;
  above?: ReactNode;
  below?: ReactNode;
  actions?: ReactNode;
}) {
  return (
    <Box component="header" sx={{ display: "flex", flexWrap: "wrap", alignItems: "flex-end", gap: 2, mb: 2.5 }}>
      <Box sx={{ flex: "1 1 320px", minWidth: 0 }}>
        {above ? <Box sx={{ color: "text.secondary", fontSize: "0.9rem" }}>{above}</Box> : null}
        <Typography variant="h1" tabIndex={-1} sx={{ outline: 0 }}>
          {title}
        </Typography>
        {below ? <Box sx={{ color: "text.secondary", mt: 0.5 }}>{below}</Box> : null}
      </Box>
      {actions ? (
        <Box className="no-print" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          {actions}
        </Box>
      ) : null}
    </Box>
  );
}
