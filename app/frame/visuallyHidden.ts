/** Style for words that are read aloud and not seen. Its holder must be positioned, or scrolling boxes grow by it. */
export const visuallyHidden = {
  position: "absolute",
  width: "1px",
  height: "1px",
  overflow: "hidden",
  clipPath: "inset(50%)",
  whiteSpace: "nowrap",
} as const;
