/** Which room is given to a bust. */
export type RoomAmount = "full" | "least" | "own";

/** Schools of giving it. */
export type RoomSchool = "fullerLine" | "slash" | "dart";

/** How the tissue sits, as the maker sees it. */
export type Tissue = "firm" | "softLow" | "wide";

/** What the maker enters to judge bust room. mm; null where not given. */
export interface BustRoomWorking {
  readonly patternBustMm: number | null;
  /** Null: taken as the settings say. */
  readonly draftedDifferenceMm: number | null;
  readonly amount: RoomAmount;
  readonly ownRoomMm: number | null;
  readonly school: RoomSchool;
  /** What the pattern's fuller cut line gives each side; null where it has none. */
  readonly fullerLineMm: number | null;
  readonly tissue: Tissue;
  /** The neckline plunges across the breast. */
  readonly plunge: boolean;
}

/** Bust room before anything is entered. */
export const NEW_BUST_ROOM: BustRoomWorking = {
  patternBustMm: null,
  draftedDifferenceMm: null,
  amount: "full",
  ownRoomMm: null,
  school: "slash",
  fullerLineMm: null,
  tissue: "firm",
  plunge: false,
};
