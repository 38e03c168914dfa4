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
      <svg width={16} height={16} viewBox="0 0 16 16" aria-hidden="true" style={{ verticalAlign: "-2px" }}>
        <circle cx={8} cy={8} r={6} fill="none" stroke="currentColor" strokeWidth={1.6} />
        <path d="M8 2 a6 6 0 0 1 0 12 z" fill="currentColor" />
      </svg>
    </Box>
  );
}
