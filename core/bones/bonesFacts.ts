import type { ClosedGarment } from "../calculation/index.ts";
import { type Draft, girthsOf, shellOf } from "../drafting/index.ts";
import { isBoned } from "../ease/index.ts";
import { type BodiceEnd, bodiceEnd, type DrawnJob, type DrawnSet } from "../pieces/index.ts";
import { allRound } from "./allRound.ts";

/** What bones and closure are reckoned from. */
export interface BonesFacts {
  /** The kept panels, drawn; null while there are none. */
  readonly draft: Draft | null;
  readonly closed: ClosedGarment | null;
  /** Usable stretch of the cloth round the body; null while it was not tested. */
  readonly usable: number | null;
  readonly source: string;
  /** The upper edge of the skirt that is joined to it, all round, mm; null where there is none. */
  readonly skirtMm: number | null;
  /** Where that skirt goes on below the lower edge, down to the hip; null where there is none, or the bodice ends at the hip. */
  readonly skirtHip: { readonly belowMm: number; readonly bodyMm: number; readonly closedMm: number } | null;
}

/** Takes them from a job. Panels are drawn when they are asked for. */
export function bonesFactsOf(job: DrawnJob): BonesFacts {
  if (!isBoned(job.style))
    return { draft: null, closed: null, usable: null, source: "", skirtMm: null, skirtHip: null };
  const drawn = (id: DrawnSet["id"]) => job.drawn().find((set) => set.id === id)?.draft ?? null;
  const [panels, skirt] = [drawn("corsetPieces"), drawn("skirtPieces")];
  return {
    draft: panels && shellOf(panels),
    closed: job.closed,
    usable: job.stretch?.usable ?? null,
    source: job.beside.sheetName,
    skirtMm: skirt && allRound(skirt, "top"),
    skirtHip: skirt && hipOf(skirt, bodiceEnd(job)),
  };
}

/** The skirt at the hip below a bodice that ends above it. */
function hipOf(skirt: Draft, end: BodiceEnd | null): BonesFacts["skirtHip"] {
  const hip = girthsOf(skirt).girths.find(({ level }) => level === "hip");
  return end && hip ? { belowMm: end.aboveHipMm, bodyMm: end.hipBodyMm, closedMm: hip.piecesMm } : null;
}
