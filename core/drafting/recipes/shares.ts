import type { MeasureCode } from "../../body/index.ts";
import { FRONT_ARCS, ZONE_MEASURES, type Zone } from "../../ease/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import type { Given } from "./facts.ts";
import type { Need } from "./recipe.ts";

/** How much of a girth the front takes, and where that comes from. */
export interface FrontShare {
  /** 0 to 1. */
  readonly share: number;
  readonly source: string;
  /** The arc and the girth it was taken from, mm; null where it was assumed. */
  readonly taken: { readonly arcMm: number; readonly bodyMm: number } | null;
}

/** The front arc of a zone and the girth it is a part of; null where no arc is taken. */
function arcOf(zone: Zone): { readonly arc: MeasureCode; readonly girth: MeasureCode } | null {
  const arc = FRONT_ARCS[zone];
  return arc ? { arc, girth: ZONE_MEASURES[zone] } : null;
}

/** What a recipe asks of the body for the front's share of these zones. */
export const arcNeeds = (...zones: readonly Zone[]): readonly Need<MeasureCode>[] =>
  zones.flatMap((zone) => {
    const codes = arcOf(zone);
    return codes
      ? [
          { id: codes.girth, needed: false, why: `with its front arc, how much of the ${zone} the front takes` },
          { id: codes.arc, needed: false, why: `how much of the ${zone} the front takes; else half, assumed` },
        ]
      : [];
  });

/** What is noted where the front's share of some girth was assumed. */
export const sharesNote = (shares: readonly FrontShare[]): string[] =>
  shares.some(({ taken }) => taken === null)
    ? ["Without a front arc front and back take half of a girth each: assumed."]
    : [];

/** The front of a body is never less than this of it, nor more than the rest: an arc outside is another measure. */
const LEAST_SHARE = 0.3;

const ASSUMED: FrontShare = { share: 0.5, source: "half each, assumed: no front arc was taken", taken: null };

/**
 * The front's share of a girth: its arc over the girth where both were taken, else half.
 * @returns `arc-and-girth` where the arc is no plausible part of the girth.
 */
export function frontShare(given: Given, zone: Zone): Result<FrontShare> {
  const codes = arcOf(zone);
  const [arcMm, bodyMm] = codes ? [given.measure(codes.arc), given.measure(codes.girth)] : [null, null];
  if (!codes || arcMm === null || bodyMm === null) return ok(ASSUMED);
  const share = arcMm / bodyMm;
  if (share < LEAST_SHARE || share > 1 - LEAST_SHARE)
    return fail(
      "arc-and-girth",
      `Expected ${codes.arc} to be ${Math.round(LEAST_SHARE * 100)} to ${Math.round((1 - LEAST_SHARE) * 100)} % of ${codes.girth}, but ${arcMm} of ${bodyMm} mm is ${Math.round(share * 100)} %: one of the two does not fit.`,
    );
  return ok({ share, source: `${codes.arc} over ${codes.girth}`, taken: { arcMm, bodyMm } });
}

/** The share at a level between two: along the height. */
export const shareBetween = (above: FrontShare, below: FrontShare, part: number): FrontShare =>
  above.taken === null && below.taken === null
    ? ASSUMED
    : {
        share: above.share + part * (below.share - above.share),
        source: "between the levels above and below it",
        taken: null,
      };
