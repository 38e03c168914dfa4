import type { BodyTrunk } from "../../body/index.ts";
import type { AlongStretch, TrunkStrain } from "../../ease/index.ts";
import type { PresentLoop } from "./presentLoop.ts";
import type { TrunkLoop, TrunkPlacing } from "./trunkLoop.ts";

/** How the loop of the pattern stands against the body's. */
export interface ComparedTrunk {
  readonly placing: TrunkPlacing;
  /** How the loop of the body came about. */
  readonly loop: BodyTrunk;
  readonly body: TrunkLoop;
  readonly pattern: TrunkLoop;
  readonly present: PresentLoop;
  /** Body against body, since nobody knows how much shorter the pattern is drawn. */
  readonly bodyToBody: boolean;
  /** Null where compared body to body: nothing is stretched then. */
  readonly strain: TrunkStrain | null;
  readonly along: AlongStretch;
}
