/** A side of the chest. */
export type CupSide = "left" | "right";

/** Both sides, left first. */
export const CUP_SIDES: readonly CupSide[] = ["left", "right"];
