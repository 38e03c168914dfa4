import { fail, ok, type Result } from "../../result.ts";
import { type BandInput, type BandPull, bandLoad } from "./band.ts";

/** A band whose elastics are cut as a part of its wings, so that one strain decides everything. */
export interface BandMake {
  readonly underbustMm: number;
  readonly rigidMm: number;
  readonly heightMm: number;
  readonly wear: BandPull["wear"];
  /** Each with its cut over the wings, ratio above 0, and its force, N, by strain. */
  readonly elastics: readonly { readonly ratio: number; readonly forceN: BandPull["wear"] }[];
}

/** The pull of a band made to a strain: its elastics are cut to their part of the wings. */
export const pullAt = ({ underbustMm, rigidMm, heightMm, wear, elastics }: BandMake, strain: number): BandPull => ({
  heightMm,
  wear,
  elastics: elastics.map(({ ratio, forceN }) => ({
    cutMm: (ratio * (underbustMm - rigidMm)) / (1 + strain),
    forceN,
  })),
});

/** Mean pressure of a band made to a strain, at rest, kPa. */
export const bandPressureAt = (make: BandMake, strain: number): number =>
  bandLoad(
    make.underbustMm,
    strain,
    { rigidMm: make.rigidMm } satisfies Pick<BandInput, "rigidMm">,
    pullAt(make, strain),
  ).pressureKpa;

/** No wing is stretched further than this; cloth that has not pressed by then never will. */
const FURTHEST_STRAIN = 5;

const HALVINGS = 80;

/**
 * The strain at which a band presses with a mean pressure (kPa): the band's equation solved the other way. It rises
 * with the strain, so halving the interval finds it.
 *
 * Problems: `presses-unstrained` where the elastics alone press harder, `unreachable` where nothing does.
 */
export function bandStrainFor(make: BandMake, kpa: number): Result<number> {
  if (bandPressureAt(make, 0) > kpa)
    return fail("presses-unstrained", "Expected more pressure than the elastics alone give, but they press harder.");
  if (bandPressureAt(make, FURTHEST_STRAIN) < kpa)
    return fail("unreachable", `Expected a pressure this band can give, but it never reaches ${kpa} kPa.`);
  let [low, high] = [0, FURTHEST_STRAIN];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (bandPressureAt(make, middle) < kpa) low = middle;
    else high = middle;
  }
  return ok(high);
}
