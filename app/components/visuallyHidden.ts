/** Style for words that are read aloud and not seen. Its holder must be positioned, or scrolling boxes grow by it. */
export const visuallyHidden = {
  position: "absolute",
  width: 1,
  height: 1,
  overflow: "hidden",
  clipPath: "inset(50%)",
  whiteSpace: "nowrap",
} as const;
