import type { Theme } from "@mui/material/styles";

/**
 * How plain elements stand, and the few classes that stand on a page by the hundred: a class costs nothing to render,
 * where a styled component is worked out anew each time.
 */
export function globalStyles(t: Theme) {
  return {
    body: { fontVariantNumeric: "tabular-nums", fontFeatureSettings: '"tnum"' },
    "a:not([class])": { color: t.vars.palette.primary.main, fontWeight: 600 },
    'input[type="file"]': { font: "inherit", color: "inherit" },
    'input[type="file"]::file-selector-button': {
      font: "inherit",
      fontWeight: 600,
      minHeight: 40,
      paddingInline: 16,
      marginRight: 12,
      color: t.vars.palette.primary.main,
      backgroundColor: t.vars.palette.background.paper,
      border: `1.5px solid ${t.vars.palette.divider}`,
      borderRadius: t.shape.borderRadius,
      cursor: "pointer",
    },
    ".why": {
      position: "relative",
      font: "inherit",
      color: "inherit",
      background: "none",
      border: 0,
      padding: 0,
      margin: 0,
      cursor: "pointer",
      textAlign: "inherit",
      borderBottom: "1.5px dotted transparent",
      "&:hover, &:focus-visible": { borderBottomColor: "currentColor" },
    },
    // Words that are read aloud and not seen. Their holder must be positioned, or scrolling boxes grow by them.
    ".unseen": {
      position: "absolute",
      width: 1,
      height: 1,
      overflow: "hidden",
      clipPath: "inset(50%)",
      whiteSpace: "nowrap",
    },
    ".mark": { display: "inline-flex", alignItems: "center", gap: 6, verticalAlign: "middle" },
    ".mark svg": { flex: "none" },
    ":focus-visible": { outline: `3px solid ${t.vars.palette.secondary.main}`, outlineOffset: 2 },
    "@media (prefers-reduced-motion: reduce)": { "*": { transition: "none !important", animation: "none !important" } },
    "@media print": { ".no-print": { display: "none !important" }, body: { background: "#fff" } },
  };
}
