import type { LayerRole } from "../cloth/index.ts";
import { clothFor, type DrawnJob, type DrawnSet } from "../pieces/index.ts";

/** What one cloth of a job is cut by. mm; null where it was not told. */
export interface LayoutFacts {
  readonly sets: readonly Pick<DrawnSet, "id" | "draft">[];
  /** Layers the garment has: they say which of the pieces are cut from this one. */
  readonly has: readonly LayerRole[];
  /** Pieces that are cut from it and not drawn, by name: they are not laid. */
  readonly undrawn: readonly string[];
  readonly cloth: {
    readonly name: string;
    readonly widthMm: number | null;
    readonly shrinkAlong: number | null;
    readonly shrinkAcross: number | null;
    /** Of it, the direction that goes round the body. */
    readonly round: "across" | "along" | "bias";
  } | null;
}

/** What a cloth of a job is cut by: its own pieces alone. */
export function layoutFactsOf(job: DrawnJob, role: LayerRole): LayoutFacts {
  const cloth = job.cloths.find((one) => one.role === role);
  const has = job.cloths.map((one) => one.role);
  const isCut = (piece: Parameters<typeof clothFor>[0]) => clothFor(piece, has) === role;
  return {
    has,
    sets: job
      .drawn()
      .map(({ id, draft }) => ({ id, draft: wanted(id, bare(draft), job.without) }))
      .filter(({ draft }) => draft.pieces.some(isCut)),
    undrawn: job
      .undrawn()
      .filter(isCut)
      .map(({ name }) => name),
    cloth: cloth
      ? {
          ...{ name: cloth.name, widthMm: cloth.rollWidthMm, round: cloth.direction },
          ...{ shrinkAlong: cloth.shrinkageAlong, shrinkAcross: cloth.shrinkageAcross },
        }
      : null,
  };
}

/** Of a draft the pieces this garment is made with. */
const wanted = (set: string, draft: DrawnSet["draft"], without: readonly string[]): DrawnSet["draft"] =>
  without.length === 0
    ? draft
    : { ...draft, pieces: draft.pieces.filter(({ id, half }) => !without.includes(`${set}/${half?.of ?? id}`)) };

/** Of a draft what is cut; the way its numbers were come to stays at home. */
const bare = (draft: DrawnSet["draft"]): DrawnSet["draft"] => ({ ...draft, numbers: [], notes: [] });
