import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { threadPath } from "../figure/stretch/threadPath.ts";

/** The name of the application above its thread. */
export function BrandName() {
  return (
    <Box component="span" sx={{ display: "inline-block", color: "primary.main", lineHeight: 1.1 }}>
      <Typography
        component="span"
        sx={{ fontFamily: '"Besley Variable", serif', fontWeight: 700, fontSize: "1.35rem" }}
      >
        Stenz
      </Typography>
      <Box component="svg" viewBox="0 0 54 8" aria-hidden sx={{ width: 54, display: "block", mt: "-3px" }}>
        <path d={threadPath("light", 54, 8)} fill="none" stroke="currentColor" strokeWidth={1.4} />
      </Box>
    </Box>
  );
}
