/** Fields of a group side by side. */
export const gridStyle = {
  display: "grid",
  gridTemplateColumns: "repeat(auto-fill, minmax(220px, 1fr))",
  gap: 1.5,
} as const;
