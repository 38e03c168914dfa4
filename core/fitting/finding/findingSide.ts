/** Side of the body a finding is on. */
export type FindingSide = "left" | "right" | "both";
