import type { JobFacts } from "../calculation/index.ts";
import type { Change, FrozenPlan } from "../fitting/index.ts";
import { drawPieces, PIECES, PIECES_IDS } from "../pieces/index.ts";
import { nextPieces, type PrototypePieces } from "../redraw/index.ts";

/** What the record of a job says of the pieces of its next prototype. */
export interface PiecesRecord {
  /** Pieces of the prototype before; none where there is none. */
  readonly before: readonly PrototypePieces[];
  /** Every change of the job. */
  readonly changes: readonly Change[];
  /** What the next prototype is made from. */
  readonly frozen: FrozenPlan;
}

/**
 * The pieces a prototype is cut from as it is started: those of the one before with the changes that are cut into it now, or drawn
 * from the plan by every recipe whose options were kept. A recipe that cannot be drawn gives none.
 */
export function piecesOfNext(job: JobFacts, { before, changes, frozen }: PiecesRecord): PrototypePieces[] {
  const drawn = PIECES_IDS.flatMap((id) => {
    const options = frozen.workings[id];
    if (!options || !PIECES[id].appears(job.style)) return [];
    const { draft } = drawPieces(id, options, PIECES[id].facts(job));
    return draft ? [{ id, draft }] : [];
  });
  const carried = new Set(frozen.changes.map(({ changeId }) => changeId));
  const all = changes.filter(({ id }) => carried.has(id));
  return nextPieces({ before, drawn, cut: all.filter(({ cutInto }) => cutInto === null), all, plan: frozen });
}
