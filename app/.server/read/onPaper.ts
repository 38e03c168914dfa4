import { withChannels } from "../../../core/bones/index.ts";
import type { Draft } from "../../../core/drafting/index.ts";
import type { PiecesId } from "../../../core/pieces/index.ts";
import type { JobPlanContext } from "./jobPlan.ts";
import { bareFacts } from "./workingContext.ts";

/** Pieces as they are printed: panels of a boned garment with the channels of its bones as they are placed today. */
export function onPaper(draft: Draft, id: PiecesId, read: JobPlanContext): Draft {
  const { closed } = bareFacts(read);
  return id === "corsetPieces" && closed ? withChannels(draft, read.keptWorkings.bones.working, closed) : draft;
}
