/** Style of the small buttons in the top bar. */
export const barButtonStyle = {
  font: "inherit",
  fontSize: "0.9rem",
  fontWeight: 600,
  color: "text.primary",
  bgcolor: "background.default",
  border: "1.5px solid",
  borderColor: "divider",
  borderRadius: 1,
  minHeight: 36,
  minWidth: 36,
  px: 1.25,
  cursor: "pointer",
  "&:hover": { borderColor: "text.secondary" },
} as const;
