/** The four parts of the trunk loop, from the shoulder down the front and up the back. */
export const TRUNK_PARTS = ["frontWaist", "crotchFront", "crotchBack", "backWaist"] as const;

/** One of {@link TRUNK_PARTS}. */
export type TrunkPart = (typeof TRUNK_PARTS)[number];
