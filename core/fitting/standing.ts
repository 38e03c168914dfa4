import type { Change } from "./change.ts";

/** What a wearer, or every job from a pattern, always needs: learnt in one job and offered in the next. */
export interface StandingChange
  extends Pick<Change, "on" | "spot" | "zone" | "side" | "lengthId" | "pieces" | "line" | "amountMm"> {
  readonly id: number;
  /** Whom or what it belongs to: a wearer, or a pattern's size chart. One of them is null. */
  readonly wearerId: number | null;
  readonly chartId: number | null;
  /** In the maker's words. */
  readonly words: string;
  /** ISO date. */
  readonly madeOn: string;
}
