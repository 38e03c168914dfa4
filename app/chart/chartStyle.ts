/** Inks of the charts; lines are told apart by their dashes, not by these alone. */
export const chartInk = {
  main: "var(--stz-palette-bench-thread)",
  second: "var(--stz-palette-bench-mulberry)",
  text: "var(--stz-palette-bench-inkSoft)",
  grid: "var(--stz-palette-bench-line)",
  sheet: "var(--stz-palette-bench-sheet)",
} as const;

/** Dashes in the order lines are given them. */
export const DASHES = ["", "7 4", "2 3", "10 3 2 3", "1 4", "14 4"] as const;

/** Axis lettering. */
export const tick = { fill: chartInk.text, fontSize: 12 } as const;
