/** The look of plain inputs and selects that stand outside of a record form: as large as its fields, without their label. */
export const plainField = {
  font: "inherit",
  minHeight: 42,
  p: 1,
  border: 1,
  borderColor: "divider",
  borderRadius: 1,
  bgcolor: "background.paper",
  color: "text.primary",
} as const;
