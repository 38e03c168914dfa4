import ContrastIcon from "@mui/icons-material/Contrast";
import Box from "@mui/material/Box";
import { useColorScheme } from "@mui/material/styles";
import { barButtonStyle } from "./barButton.ts";

/** Switches between the light scheme and the dark one for evening work. */
export function ModeSwitch() {
  const { mode, setMode } = useColorScheme();
  const dark = mode === "dark";
  return (
    <Box
      component="button"
      type="button"
      sx={barButtonStyle}
      aria-label={dark ? "Light scheme" : "Dark scheme"}
      onClick={() => setMode(dark ? "light" : "dark")}
    >
      <ContrastIcon sx={{ fontSize: 18, verticalAlign: "-3px" }} />
    </Box>
  );
}
