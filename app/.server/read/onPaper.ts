import { withChannels } from "../../../core/bones/index.ts";
import type { Draft } from "../../../core/drafting/index.ts";
import type { PiecesId } from "../../../core/pieces/index.ts";
import type { JobPlanContext } from "./jobPlan.ts";
import { bareFacts } from "./workingContext.ts";

/**
 * Pieces as they are printed: panels of a boned garment with the channels of its bones as they are placed today.
 * @param planOf the plan of their job, which is asked for by panels alone.
 */
export async function onPaper(draft: Draft, id: PiecesId, planOf: () => Promise<JobPlanContext>): Promise<Draft> {
  if (id !== "corsetPieces") return draft;
  const read = await planOf();
  const { closed } = bareFacts(read);
  return closed ? withChannels(draft, read.keptWorkings.bones.working, closed) : draft;
}
