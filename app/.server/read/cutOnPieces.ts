import type { CutWay, JobChange } from "../../../core/fitting/index.ts";
import { cutWays, type PrototypePieces } from "../../../core/redraw/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { JobRecord } from "./jobRecord.ts";

/** How changes come onto the pieces of a job's newest prototype, by their numbers; none while it has no pieces. */
export async function cutOnPieces(
  { pieces }: Pick<Repositories, "pieces">,
  { prototypes }: Pick<JobRecord, "prototypes">,
  changes: readonly Pick<JobChange, "change">[],
): Promise<ReadonlyMap<number, CutWay>> {
  const last = prototypes.at(-1);
  if (!last || changes.length === 0) return new Map();
  return cutWays(
    bodyPieces(await pieces.ofPrototype(last.id)),
    changes.map(({ change }) => change),
  );
}

/** The sets of a prototype that changes are cut into: strips are cut by their new lengths. */
export const bodyPieces = (sets: readonly PrototypePieces[]): PrototypePieces[] =>
  sets.filter(({ id }) => id !== "stripPieces");
