/** Where a thread runs in a machine. */
export const POSITIONS = ["leftNeedle", "middleNeedle", "rightNeedle", "upperLooper", "lowerLooper", "bobbin"] as const;

/** One of {@link POSITIONS}. */
export type Position = (typeof POSITIONS)[number];

/** What each is called. */
export const POSITION_NAMES: Readonly<Record<Position, string>> = {
  leftNeedle: "left needle",
  middleNeedle: "middle needle",
  rightNeedle: "right needle",
  upperLooper: "upper looper",
  lowerLooper: "lower looper",
  bobbin: "bobbin",
};

/** True for a text that names one. */
export const isPosition = (text: string): text is Position => (POSITIONS as readonly string[]).includes(text);

/** Threads that go through a needle. */
export const NEEDLES: readonly Position[] = ["leftNeedle", "middleNeedle", "rightNeedle"];

/** True for a thread that goes through a needle. */
export const isNeedle = (position: Position): boolean => NEEDLES.includes(position);
