import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { BrandName } from "./BrandName.tsx";

/** The frame of a page for somebody who sees nothing else of the workshop. */
export function BareShell({ children }: { children: ReactNode }) {
  return (
    <Box sx={{ minHeight: "100vh", display: "flex", flexDirection: "column" }}>
      <Box
        sx={{ px: { xs: 2, md: 3 }, py: 1.25, bgcolor: "background.paper", borderBottom: 1, borderColor: "divider" }}
      >
        <BrandName />
      </Box>
      <Box component="main" id="content" sx={{ flex: 1, width: "100%", maxWidth: 640, mx: "auto", px: 2, py: 3 }}>
        {children}
      </Box>
    </Box>
  );
}
