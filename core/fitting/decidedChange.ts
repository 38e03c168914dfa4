import type { ChangeTarget } from "./change.ts";
import type { RingId } from "./rings.ts";

/** A decided change of a girth. A change of a sided ring names its side; `both` means each of the two. */
export interface DecidedChange {
  readonly zone: RingId["zone"];
  readonly side: "left" | "right" | "both";
  /** Signed change as cut, mm; null for work that is no amount. */
  readonly amountMm: number | null;
  /** What it acts on; left out in older records, which hold girths only. */
  readonly on?: ChangeTarget;
}
