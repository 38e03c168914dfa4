import { createTheme, type PaletteOptions, type Theme } from "@mui/material/styles";
import { globalStyles } from "./globalStyles.ts";
import { DARK, LIGHT, type Scheme } from "./palette.ts";

declare module "@mui/material/styles" {
  interface Palette {
    bench: Scheme;
  }
  interface PaletteOptions {
    bench?: Scheme;
  }
  interface CssThemeVariables {
    enabled: true;
  }
}

const BODY_FONT = '"Hanken Grotesk Variable", "Helvetica Neue", Arial, sans-serif';
const HEAD_FONT = '"Besley Variable", Georgia, serif';

function paletteOf(mode: "light" | "dark", scheme: Scheme): PaletteOptions {
  return {
    mode,
    bench: scheme,
    primary: { main: scheme.mulberry, contrastText: scheme.onMulberry },
    secondary: { main: scheme.thread, contrastText: scheme.onThread },
    warning: { main: scheme.caution },
    success: { main: scheme.good },
    error: { main: mode === "light" ? "#a3152c" : "#ff9aa6" },
    background: { default: scheme.ground, paper: scheme.sheet },
    text: { primary: scheme.ink, secondary: scheme.inkSoft },
    divider: scheme.line,
  };
}

/** The look of Stenz: one theme with a light and a dark scheme, numbers in even widths, quiet lines, few shadows. */
export const theme: Theme = createTheme({
  cssVariables: { colorSchemeSelector: "data-bench-light", cssVarPrefix: "stz" },
  colorSchemes: { light: { palette: paletteOf("light", LIGHT) }, dark: { palette: paletteOf("dark", DARK) } },
  shape: { borderRadius: 3 },
  typography: {
    fontFamily: BODY_FONT,
    fontSize: 15,
    h1: { fontFamily: HEAD_FONT, fontWeight: 600, fontSize: "1.7rem", lineHeight: 1.2 },
    h2: { fontFamily: HEAD_FONT, fontWeight: 600, fontSize: "1.22rem", lineHeight: 1.25 },
    h3: { fontFamily: BODY_FONT, fontWeight: 700, fontSize: "1rem" },
    button: { textTransform: "none", fontWeight: 650 },
  },
  components: {
    MuiCssBaseline: { styleOverrides: globalStyles },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: ({ theme: t }) => ({
          // The library takes the outline off, which leaves a keyboard without any sign of where it is.
          "&:focus-visible, &.Mui-focusVisible": {
            outline: `3px solid ${t.vars.palette.secondary.main}`,
            outlineOffset: 2,
          },
        }),
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 40, paddingInline: 16, borderWidth: 1.5 } },
    },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: {
        root: ({ theme: t }) => ({ border: `1px solid ${t.vars.palette.divider}`, backgroundImage: "none" }),
      },
    },
    MuiOutlinedInput: {
      styleOverrides: { root: ({ theme: t }) => ({ backgroundColor: t.vars.palette.background.paper }) },
    },
    // A hint belongs to its field and takes no room where there is none.
    MuiFormHelperText: { styleOverrides: { root: { marginTop: 2, lineHeight: 1.35 } } },
    MuiTextField: { defaultProps: { size: "small", fullWidth: true } },
    MuiTableCell: { styleOverrides: { root: { padding: "7px 12px", fontSize: "0.95rem" }, head: { fontWeight: 650 } } },
    MuiAlert: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          fontSize: "0.98rem",
          color: t.vars.palette.text.primary,
          borderLeftWidth: 5,
          "&.MuiAlert-colorInfo": {
            backgroundColor: t.vars.palette.background.paper,
            borderLeftColor: t.vars.palette.secondary.main,
          },
          "&.MuiAlert-colorWarning": {
            backgroundColor: t.vars.palette.bench.cautionGround,
            borderLeftColor: t.vars.palette.warning.main,
          },
        }),
      },
    },
    MuiLink: { defaultProps: { underline: "hover" } },
    MuiTooltip: { defaultProps: { arrow: true } },
  },
});
