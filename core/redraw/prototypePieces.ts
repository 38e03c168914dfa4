import type { Draft } from "../drafting/index.ts";
import type { PiecesId } from "../pieces/index.ts";
import type { RedrawnStep } from "./redraw.ts";

/** The pieces a prototype was cut from, by one recipe: frozen with it. */
export interface PrototypePieces {
  readonly id: PiecesId;
  /** Drawn from the plan, or from those of the prototype before with its changes in. */
  readonly from: "plan" | "before";
  readonly draft: Draft;
  /** What became of each change that was cut into this prototype; none where they were drawn from the plan with all of them in it. */
  readonly steps: readonly RedrawnStep[];
}
